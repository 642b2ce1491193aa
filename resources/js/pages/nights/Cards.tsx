import { Deferred, Link } from '@inertiajs/react';
import { CardFace } from '@/features/cards/CardFace';
import { NightFrame } from '@/features/nights/NightFrame';
import type { CardsData, NightData } from '@/types/generated';
import { FileLink } from '@/ui/FileLink';

interface Props {
  readonly night: NightData;
  /** Comes after the page. */
  readonly cards?: CardsData;
}

const PAPERS = [
  ['cards', 'Cards, A6'],
  ['cards-dark', 'Cards for a dark screen'],
  ['page', 'The night on one page, A5'],
  ['score', 'The score, A4'],
  ['packing', 'Packing list, A5'],
] as const;

export default function Cards({ night, cards }: Props) {
  return (
    <NightFrame night={night}>
      <div className="grid gap-2 print:hidden">
        <p className="max-w-prose">
          A card for each moment: where the controls stand, and what to turn when people come nearer or the room is not as planned.{' '}
          <Link href={`/nights/${night.id}/carry`} className="font-semibold underline underline-offset-4">
            Carry them on your phone
          </Link>
          , or print them:
        </p>
        <p className="flex flex-wrap gap-x-6">
          {PAPERS.map(([paper, label]) => (
            <FileLink key={paper} href={`/nights/${night.id}/paper/${paper}`}>{`${label} (PDF)`}</FileLink>
          ))}
        </p>
      </div>
      <Deferred data="cards" fallback={<p role="status">The night is being solved …</p>}>
        {cards === undefined ? null : cards.score.bars.length === 0 ? (
          <p>Cards need moments: add the first in the score.</p>
        ) : (
          <ol aria-label="Cards" className="grid items-start gap-4 sm:grid-cols-2 lg:grid-cols-3">
            {cards.score.bars.map((bar, i) => {
              const card = cards.score.cards[i];
              return card === undefined ? null : (
                <li key={`${bar.moment} ${bar.from}`} className="break-inside-avoid rounded-lg border border-line bg-raised p-4">
                  <CardFace bar={bar} card={card} room={cards.rooms[i] ?? ''} />
                </li>
              );
            })}
          </ol>
        )}
      </Deferred>
    </NightFrame>
  );
}
