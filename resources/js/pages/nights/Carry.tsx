import { Deferred, Head, Link } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { CardFace } from '@/features/cards/CardFace';
import { begunBy } from '@/lib/tonight';
import type { CardsData, NightData } from '@/types/generated';

interface Props {
  readonly night: NightData;
  /** Comes after the page. */
  readonly cards?: CardsData;
}

/** One card a screen, light on black whatever the theme: it is read in the dark, beside guests. */
export default function Carry({ night, cards }: Props) {
  return (
    <main className="min-h-screen bg-black text-[#f2efe8] [color-scheme:dark]">
      <Head title={`${night.name}: cards`} />
      <h1 className="sr-only">{`Cards of ${night.name}`}</h1>
      <Deferred data="cards" fallback={<p role="status" className="p-5">The night is being solved …</p>}>
        {cards === undefined ? null : <Deck night={night} cards={cards} />}
      </Deferred>
    </main>
  );
}

const TURN = 'min-h-16 rounded-lg border-2 border-current text-xl font-semibold disabled:opacity-35 focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-current';

function Deck({ night, cards }: { readonly night: NightData; readonly cards: CardsData }) {
  const { bars } = cards.score;
  const [at, setAt] = useState(() => begunBy(bars, night.heldOn, new Date()));
  const go = (to: number) => {
    setAt(Math.max(0, Math.min(bars.length - 1, to)));
    window.scrollTo(0, 0);
  };
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (event.key === 'ArrowRight') go(at + 1);
      if (event.key === 'ArrowLeft') go(at - 1);
    };
    window.addEventListener('keydown', keys);
    return () => { window.removeEventListener('keydown', keys); };
  });
  const [bar, card] = [bars[at], cards.score.cards[at]];
  return (
    <div className="mx-auto grid min-h-screen max-w-lg grid-rows-[1fr_auto] gap-4 p-4">
      <div aria-live="polite" className="content-start text-lg">
        {bar === undefined || card === undefined ? <p>This night has no moments yet.</p> : <CardFace bar={bar} card={card} room={cards.rooms[at] ?? ''} large />}
      </div>
      <nav aria-label="Cards" className="sticky bottom-0 grid grid-cols-2 gap-3 bg-black pt-2 pb-4">
        <button type="button" className={TURN} disabled={at === 0} onClick={() => { go(at - 1); }}>
          Back
        </button>
        <button type="button" className={TURN} disabled={at >= bars.length - 1} onClick={() => { go(at + 1); }}>
          Next
        </button>
        <p className="col-span-2 flex justify-between text-base">
          <Link href={`/nights/${night.id}/cards`} className="underline underline-offset-4">
            All cards
          </Link>
          <span>
            {Math.min(at + 1, bars.length)} of {bars.length}
          </span>
        </p>
      </nav>
    </div>
  );
}
