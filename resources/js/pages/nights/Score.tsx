import { Deferred, Link } from '@inertiajs/react';
import { NightFrame } from '@/features/nights/NightFrame';
import { ScoreChart } from '@/features/score/ScoreChart';
import { ScoreTable } from '@/features/score/ScoreTable';
import type { Favour, FavourChoice, NightData, ScoreData } from '@/types/generated';

interface Props {
  readonly night: NightData;
  readonly favour: Favour;
  readonly favours: readonly FavourChoice[];
  /** Comes after the page. */
  readonly score?: ScoreData;
}

export default function Score({ night, favour, favours, score }: Props) {
  const chosen = favours.find((choice) => choice.favour === favour);
  return (
    <NightFrame night={night}>
      <div className="grid gap-2">
        <nav aria-label="What the night is to be good at" className="flex flex-wrap gap-1">
          {favours.map((choice) => (
            <Link
              key={choice.favour}
              href={`/nights/${night.id}/score?favour=${choice.favour}`}
              preserveScroll
              aria-current={choice.favour === favour ? 'true' : undefined}
              className="flex min-h-9 items-center rounded-md border border-edge px-3 text-sm font-medium aria-[current]:border-ink aria-[current]:bg-ink aria-[current]:text-ground"
            >
              {choice.name}
            </Link>
          ))}
        </nav>
        {chosen !== undefined && <p>{chosen.sentence}</p>}
      </div>
      <Deferred data="score" fallback={<p role="status">The night is being solved …</p>}>
        {score === undefined ? null : <Solved score={score} />}
      </Deferred>
    </NightFrame>
  );
}

function Solved({ score }: { readonly score: ScoreData }) {
  if (score.moments.length === 0) return <p>A score needs moments: add the first in the timetable.</p>;
  const { turns, turnsAlone, sums, bars } = score.score;
  const short = new Set(bars.filter((bar) => !bar.feasible).map((bar) => bar.name));
  return (
    <>
      <div className="grid gap-1">
        <p className="text-lg">
          <span className="font-semibold">{Math.round(turns)} turns</span> in the whole night; with the best settings for each moment by itself it would be {Math.round(turnsAlone)}.
        </p>
        <p className="text-faint">{sums.map(({ name, times, clicks }) => `${name} ${times} ${times === 1 ? 'time' : 'times'}${clicks === 0 ? '' : ` (${clicks} clicks)`}`).join(', ')}.</p>
        {short.size > 0 && <p className="font-medium text-alarm">{`Cannot be had as wished: ${[...short].join(', ')}. What is missing stands below.`}</p>}
      </div>
      <ScoreChart score={score} />
      <ScoreTable score={score} />
    </>
  );
}
