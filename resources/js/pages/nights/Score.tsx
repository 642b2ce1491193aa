import { Deferred, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { NightFrame } from '@/features/nights/NightFrame';
import { ScoreChart } from '@/features/score/ScoreChart';
import { ScoreTable } from '@/features/score/ScoreTable';
import { Solving } from '@/features/score/Solving';
import { WhatIf } from '@/features/score/WhatIf';
import { useSlide, type Slide, type Sliding } from '@/features/score/useSlide';
import { clockOf } from '@/charts/axis';
import { useMinuteOfNight } from '@/lib/tonight';
import { useReader } from '@/lib/useReader';
import type { ChangeData, ChangedScore, Favour, FavourChoice, NightData, ScoreData } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { FileLink } from '@/ui/FileLink';

interface Props {
  readonly night: NightData;
  readonly favour: Favour;
  readonly favours: readonly FavourChoice[];
  /** What is laid over it; null for nothing. */
  readonly over: Favour | null;
  readonly changes: ChangeData;
  /** How many there are to be solved. */
  readonly moments: number;
  /** Comes after the page. */
  readonly score?: ScoreData;
}

/** Nothing is laid over it. */
const NOTHING = '';

export default function Score({ night, favour, favours, over, changes, moments, score }: Props) {
  const [changed, setChanged] = useState<ChangedScore | null>(null);
  const path = `/nights/${night.id}`;
  const others = favours.filter((choice) => choice.favour !== favour);
  return (
    <NightFrame
      night={night}
      actions={
        <Button
          look="main"
          onClick={() => {
            router.post(`${path}/moments`);
          }}
        >
          Add a moment
        </Button>
      }
    >
      <div className="grid items-start gap-x-6 gap-y-3 sm:grid-cols-2 lg:grid-cols-[1fr_1fr_1.4fr]">
        <Choice
          label="Solve the night for"
          options={favours.map((choice) => ({ value: choice.favour, label: choice.name, detail: choice.sentence }))}
          value={favour}
          onChange={(value) => {
            setChanged(null);
            router.put(`${path}/favour`, { favour: value }, { preserveScroll: true });
          }}
        />
        <Choice
          label="Lay over it"
          options={[{ value: NOTHING, label: 'Nothing' }, ...others.map((choice) => ({ value: choice.favour, label: choice.name }))]}
          value={over ?? NOTHING}
          onChange={(value) => {
            setChanged(null);
            router.get(path, value === NOTHING ? {} : { over: value }, { preserveScroll: true, preserveState: true });
          }}
        />
        <div className="sm:col-span-full lg:col-auto lg:pt-2 lg:has-[[data-state=open]]:col-span-full lg:has-[[data-state=open]]:pt-0">
          <WhatIf path={path} changes={changes} shown={changed} onShow={setChanged} />
        </div>
      </div>
      {changed === null ? (
        <Deferred data="score" fallback={<Solving moments={moments} />}>
          {score === undefined ? null : <Solved score={score} night={night} />}
        </Deferred>
      ) : (
        <>
          <p role="status" className="rounded-md border border-ink bg-sunk px-4 py-3 text-lg">
            <strong>{changed.sentence}</strong> This is shown, and not kept.
          </p>
          <Solved score={changed.score} night={night} isTried />
        </>
      )}
    </NightFrame>
  );
}

function Solved({ score: planned, night, isTried = false }: { readonly score: ScoreData; readonly night: NightData; readonly isTried?: boolean }) {
  const path = `/nights/${night.id}`;
  const now = useMinuteOfNight(night.heldOn);
  const sliding = useSlide(path, planned);
  const { slide } = sliding;
  const score = slide?.score ?? planned;
  const { turns, turnsAlone, sums, bars } = score.score;
  const short = new Set(bars.filter((bar) => !bar.feasible).map((bar) => bar.name));
  if (score.moments.length === 0) return <p>A score needs moments: add the first.</p>;
  if (bars.length === 0) {
    return (
      <p>
        All moments of this night are left out of its score. Their plans, from the <Link href={`${path}/timetable`} className="underline underline-offset-4">timetable</Link>, say so.
      </p>
    );
  }
  return (
    <>
      <ScoreChart score={score} planned={planned} now={now} hands={isTried ? null : sliding}>
        <p className="text-lg">
          <span className="font-semibold">{Math.round(turns)} turns</span> in the whole night; {Math.round(turnsAlone)} if each moment had its own best settings.
        </p>
        {!isTried && <p className="text-faint">{sums.map(({ name, times, clicks }) => `${name} ${times} ${times === 1 ? 'time' : 'times'}${clicks === 0 ? '' : ` (${clicks} clicks)`}`).join(', ')}.</p>}
        {score.other !== null && (
          <p>
            <span className="font-semibold">{isTried ? 'Against the plan, dashed below:' : `${score.other.name}, dashed below:`}</span> {score.other.sentence}
          </p>
        )}
        {short.size > 0 && <p className="font-medium text-alarm">{`Cannot be had as wished: ${[...short].join(', ')}. What is missing stands below.`}</p>}
      </ScoreChart>
      {slide !== null && <Slid slide={slide} sliding={sliding} turns={planned.score.turns} />}
      <ScoreTable score={score} canHold={!isTried && slide === null} />
      <p className="flex flex-wrap gap-x-6">
        <FileLink href={`${path}/score.csv`}>The score as a table (CSV)</FileLink>
        <FileLink href={`${path}/score`}>The score with its cards (JSON)</FileLink>
      </p>
    </>
  );
}

/** What becomes of the night while a moment is elsewhere. */
function Slid({ slide, sliding, turns }: { readonly slide: Slide; readonly sliding: Sliding; readonly turns: number }) {
  const { time } = useReader();
  const { moment, to, score, isDown, fault } = slide;
  const isThere = score?.moments.find(({ id }) => id === moment.id)?.from === to;
  return (
    <div className="sticky bottom-3 z-10 flex flex-wrap items-center gap-x-4 gap-y-2 rounded-md border border-ink bg-sunk px-4 py-2">
      <p role="status" className="text-lg">
        <strong>{moment.name}</strong> at {time(clockOf(to))} instead of {time(clockOf(moment.from))}
        {fault !== '' ? `. ${fault}` : score === null || !isThere ? ' …' : `: ${Math.round(score.score.turns)} turns instead of ${Math.round(turns)}.`}
      </p>
      {isDown && (
        <p className="flex gap-2">
          <Button look="main" onClick={sliding.keep}>
            Keep it
          </Button>
          <Button look="quiet" onClick={sliding.discard}>
            Discard it
          </Button>
        </p>
      )}
    </div>
  );
}
