import type { ReactNode } from 'react';
import { useReader } from '@/lib/useReader';
import type { CardCellDocument, CardDocument, ScoreBarDocument } from '@/types/generated';

interface Props {
  readonly bar: ScoreBarDocument;
  readonly card: CardDocument;
  readonly room: string;
  /** For a screen that is held at arm's length. */
  readonly large?: boolean;
}

/** What a person carries through a moment, large enough to be read at arm's length in its first lines. */
export function CardFace({ bar, card, room, large = false }: Props) {
  const { time } = useReader();
  const lens = [`${bar.lens}, ${bar.focalLength} mm`, bar.modifier, bar.gel].filter((part) => part !== null);
  return (
    <article className="grid gap-2">
      <header className="grid">
        <h2 className="text-lg leading-tight font-semibold">
          {time(bar.from)}–{time(bar.until)} {bar.name}
        </h2>
        <p className="text-sm opacity-80">{[room, ...lens].join(' · ')}</p>
      </header>
      <p className={`grid grid-cols-2 gap-x-3 border-y-2 py-1 font-head leading-snug font-bold tabular-nums ${large ? 'text-4xl tracking-tight' : 'text-3xl'}`}>
        <span>{bar.shutter}</span>
        <span>{bar.aperture}</span>
        <span>{bar.iso}</span>
        <span>{bar.output === 'off' ? 'flash off' : bar.output}</span>
      </p>
      {bar.output !== 'off' && <p className={`font-semibold ${large ? 'text-2xl' : 'text-xl'}`}>Head: {bar.head.toLowerCase()}</p>}
      {bar.twoLights !== '' && <p className="text-sm">{bar.twoLights}</p>}
      {bar.balance !== null && <p>White balance {bar.balance}</p>}
      {card.curtain !== '' && <p>{upper(card.curtain)}</p>}
      {card.compensation !== null && <p>On automatic: compensation {card.compensation}</p>}
      {bar.changes.length > 0 && (
        <p>
          <strong>Turn:</strong> {bar.changes.map((change) => change.label).join(', ')}
        </p>
      )}
      {bar.shortfalls.map(({ kind, sentence }) => (
        <p key={kind} className="border-2 px-2 py-1 font-semibold">
          {sentence}
        </p>
      ))}
      <Cells title="Output by distance" cells={card.distances} />
      <Cells title="Front and back row" cells={card.rows} />
      <Cells title="Output by ceiling" cells={card.ceilings} />
      {card.rooms.map((glow) => (
        <Part key={glow.label} title={glow.label}>
          <p>{upper(glow.turns.join(', '))}</p>
          {glow.short !== '' && <p className="text-sm opacity-80">{glow.short}</p>}
        </Part>
      ))}
      {card.say.length > 0 && (
        <Part title="Say">
          <p className="italic">{card.say.join(' ')}</p>
        </Part>
      )}
    </article>
  );
}

function Cells({ title, cells }: { readonly title: string; readonly cells: readonly CardCellDocument[] }) {
  return cells.length === 0 ? null : (
    <Part title={title}>
      <table className="w-full text-left tabular-nums">
        <tbody>
          {cells.map((cell) => (
            <tr key={cell.metres}>
              <th scope="row" className="w-1/3 font-normal">
                {cell.label}
              </th>
              <td className="w-1/5 text-lg font-bold">{cell.turn}</td>
              <td>{cell.note === '' ? cell.output : cell.note}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Part>
  );
}

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section className="grid">
      <h3 className="border-b text-sm font-semibold">{title}</h3>
      {children}
    </section>
  );
}

function upper(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
