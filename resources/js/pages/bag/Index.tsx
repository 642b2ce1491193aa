import { Link, router } from '@inertiajs/react';
import { pieceKinds, type PieceData, type PieceKind } from '@/types/generated';
import { Button } from '@/ui/Button';
import { FileLink } from '@/ui/FileLink';
import { Frame } from '@/ui/Frame';

const KINDS = Object.keys(pieceKinds) as PieceKind[];

export default function Index({ pieces }: { readonly pieces: readonly PieceData[] }) {
  return (
    <Frame title="Your bag">
      <div className="mx-auto grid w-full max-w-4xl gap-7 px-4 py-8">
        {pieces.length === 0 ? <Empty /> : <Files />}
        {KINDS.map((kind) => (
          <Kind key={kind} kind={kind} pieces={pieces.filter((piece) => piece.kind === kind)} />
        ))}
      </div>
    </Frame>
  );
}

function Empty() {
  return (
    <div className="grid justify-items-start gap-3 rounded-lg border border-dashed border-edge p-6">
      <h2 className="text-xl">Your bag is empty</h2>
      <p>Kaddle reckons with what you carry: how far a flash reaches, how wide a lens opens, how high an ISO you still deliver. Start from plain gear and change its figures, or put in piece by piece.</p>
      <Button
        look="main"
        onClick={() => {
          router.post('/bag/starter');
        }}
      >
        Start from plain gear
      </Button>
    </div>
  );
}

function Files() {
  return (
    <p className="flex flex-wrap gap-x-6">
      <FileLink href="/bag.csv">Packing list (CSV)</FileLink>
      <FileLink href="/bag/document">The bag as JSON</FileLink>
    </p>
  );
}

function Kind({ kind, pieces }: { readonly kind: PieceKind; readonly pieces: readonly PieceData[] }) {
  return (
    <section aria-labelledby={kind} className="grid gap-2">
      <div className="flex items-baseline justify-between gap-4">
        <h2 id={kind} className="text-xl">
          {pieceKinds[kind].many}
        </h2>
        <Link href={`/bag/new/${kind}`} className="font-medium underline underline-offset-4">
          Add {kind === 'battery' ? 'batteries' : `a ${pieceKinds[kind].one}`}
        </Link>
      </div>
      {pieces.length === 0 && <p className="text-faint">None yet.</p>}
      <ul className="grid divide-y divide-line rounded-lg border border-line bg-raised empty:hidden">
        {pieces.map((piece) => (
          <Piece key={piece.id} piece={piece} />
        ))}
      </ul>
    </section>
  );
}

function Piece({ piece }: { readonly piece: PieceData }) {
  const act = (what: string) => {
    router.post(`/pieces/${piece.id}/${what}`, {}, { preserveScroll: true });
  };
  return (
    <li className={`grid items-center gap-x-4 gap-y-1 px-4 py-2.5 sm:grid-cols-[1fr_auto] ${piece.archived ? 'bg-sunk' : ''}`}>
      <div className="grid">
        <Link href={`/pieces/${piece.id}`} className="justify-self-start font-semibold underline decoration-line underline-offset-4 hover:decoration-ink">
          {piece.name}
        </Link>
        <span className={piece.archived ? '' : 'text-faint'}>
          {piece.archived && 'archived · '}
          {piece.figures}
          {piece.uses > 0 && ` · in ${piece.uses === 1 ? 'one moment' : `${piece.uses} moments`}`}
        </span>
      </div>
      <div className="-mx-3.5 flex flex-wrap sm:mx-0" role="group" aria-label={piece.name}>
        {piece.canUndo && <Action label="Take back the change" onClick={() => { act('undo'); }} />}
        <Action label="Copy" onClick={() => { act('copy'); }} />
        <Action label={piece.archived ? 'Put back' : 'Archive'} onClick={() => { act('archive'); }} />
      </div>
    </li>
  );
}

function Action({ label, onClick }: { readonly label: string; readonly onClick: () => void }) {
  return (
    <Button look="quiet" onClick={onClick}>
      {label}
    </Button>
  );
}
