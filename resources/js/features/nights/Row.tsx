import { Link, router } from '@inertiajs/react';
import { clockOf } from '@/charts/axis';
import { TimeBar } from '@/charts/TimeBar';
import { useReader } from '@/lib/useReader';
import type { TimetableRow } from '@/types/generated';
import { Warnings } from '@/ui/Warnings';

interface Props {
  readonly row: TimetableRow;
  readonly span: readonly [number, number];
  /** Whether its settings are those of the night as it stands, and not of before. */
  readonly isSolved: boolean;
}

/** A moment in the timetable. */
export function Row({ row, span, isSolved }: Props) {
  const { length, time } = useReader();
  return (
    <li className="grid gap-1">
      <Gap minutes={row.gap} />
      <div className="grid gap-x-5 gap-y-2 rounded-lg border border-line bg-raised p-4 md:grid-cols-[1fr_minmax(14rem,38%)]">
        <div className="grid min-w-0 content-start gap-1">
          <p className="flex flex-wrap items-baseline gap-x-3">
            <time className="font-head text-lg font-semibold whitespace-nowrap">
              {time(row.startsAt)}–{time(row.endsAt)}
            </time>
            <Link href={`/moments/${row.id}`} className="text-lg font-semibold underline decoration-line underline-offset-4 hover:decoration-ink">
              {row.name}
            </Link>
          </p>
          <p className="flex flex-wrap gap-x-5 text-faint">
            <span>{row.room}</span>
            <span>{row.openAbove ? 'nothing overhead' : `ceiling ${length(row.ceiling)}`}</span>
            <span>subject at {length(row.distance)}</span>
            <span>
              glow EV {row.glow.toFixed(1).replace('-', '−')}
              {row.fromCurve && ' by the room’s curve'}
            </span>
          </p>
          <div aria-busy={!isSolved} className={`grid gap-1 ${isSolved ? '' : 'text-faint'}`}>
            <Settings row={row} />
          </div>
          {row.notes !== '' && <p className="whitespace-pre-line">{row.notes}</p>}
        </div>
        <div className="grid content-start gap-2">
          <TimeBar
            name={row.name}
            from={row.from}
            minutes={row.minutes}
            span={span}
            onMove={(from) => {
              router.put(`/moments/${row.id}/time`, { starts: clockOf(from) }, { preserveScroll: true, preserveState: true });
            }}
          />
          <p className="flex gap-5">
            <Link href={`/moments/${row.id}`} className="font-medium underline underline-offset-4" aria-label={`Set ${row.name} on the bench`}>
              Bench
            </Link>
            <Link href={`/moments/${row.id}/plan`} className="font-medium underline underline-offset-4" aria-label={`Plan ${row.name}`}>
              Plan and notes
            </Link>
          </p>
        </div>
        <div className="grid gap-2 empty:hidden md:col-span-2">
          <Warnings rules={row.rules} cautions={row.cautions} />
        </div>
      </div>
    </li>
  );
}

function Settings({ row }: { readonly row: TimetableRow }) {
  const { time } = useReader();
  if (row.skipped) return <p className="text-faint">Left out of the score: its plan says so.</p>;
  if (row.bars === null) return <p className="text-faint">The night is being solved …</p>;
  const shortfalls = [...new Set(row.bars.flatMap((bar) => bar.shortfalls.map(({ sentence }) => sentence)))];
  return (
    <>
      {row.bars.map((bar, i) => (
        <p key={bar.from} className="flex flex-wrap gap-x-4 font-medium">
          {i > 0 && <span className="font-semibold">from {time(bar.from)}</span>}
          <span>{bar.shutter}</span>
          <span>{bar.aperture}</span>
          <span>{bar.iso}</span>
          {bar.output === 'off' ? <span>Flash off</span> : <span>{`Head: ${bar.head.toLowerCase()}`}</span>}
          {bar.output !== 'off' && <span>{`Output ${bar.output}`}</span>}
        </p>
      ))}
      {[...new Set(row.bars.map((bar) => bar.twoLights))].filter((told) => told !== '').map((told) => (
        <p key={told} className="text-sm">
          {told}
        </p>
      ))}
      {shortfalls.map((sentence) => (
        <p key={sentence} className="font-medium text-alarm">
          {sentence}
        </p>
      ))}
    </>
  );
}

function Gap({ minutes }: { readonly minutes: number | null }) {
  if (minutes === null || minutes === 0) return null;
  return minutes < 0 ? (
    <p className="px-4 font-medium text-alarm">Overlaps by {-minutes} min</p>
  ) : (
    <p className="px-4 text-sm text-faint">{minutes} min free</p>
  );
}
