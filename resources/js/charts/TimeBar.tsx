import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useReader } from '@/lib/useReader';
import { clockOf, DAY, GRAIN, scaleOf, ticks } from './axis';

/** ms without a key after which a time is taken as meant. */
const SETTLED = 700;

interface Props {
  readonly name: string;
  /** Minutes since six in the morning. */
  readonly from: number;
  readonly minutes: number;
  /** What the track shows, in the same minutes. */
  readonly span: readonly [number, number];
  readonly onMove: (from: number) => void;
}

/** The hours over all tracks. */
export function TimeScale({ span }: { readonly span: readonly [number, number] }) {
  const { hour: told } = useReader();
  const hours = ticks(...span, 60);
  const percent = scaleOf(span, [0, 100]);
  const every = Math.ceil(hours.length / 6);
  return (
    <div aria-hidden className="relative h-5 text-sm text-faint">
      {hours
        .filter((_, i) => i % every === 0)
        .map((hour) => (
          <span key={hour} className="absolute -translate-x-1/2" style={{ left: `${percent(hour)}%` }}>
            {told(clockOf(hour))}
          </span>
        ))}
    </div>
  );
}

/** A moment on the track of the night: dragged, or moved with the arrow keys. */
export function TimeBar({ name, from, minutes, span, onMove }: Props) {
  const { time } = useReader();
  const track = useRef<HTMLDivElement>(null);
  const [move, setMove] = useState<{ readonly of: number; readonly to: number } | null>(null);
  const timer = useRef(0);
  const grabbed = useRef<number | null>(null);
  // What was moved from another start than the present one has arrived already.
  const moved = move?.of === from ? move.to : null;
  const at = moved ?? from;
  const percent = scaleOf(span, [0, 100]);
  const settle = (to: number) => {
    window.clearTimeout(timer.current);
    if (to !== from) onMove(to);
  };
  const step = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -GRAIN, ArrowDown: -GRAIN, ArrowRight: GRAIN, ArrowUp: GRAIN, PageDown: -30, PageUp: 30 }[event.key];
    if (event.key === 'Enter') settle(at);
    if (event.key === 'Escape') {
      window.clearTimeout(timer.current);
      setMove(null);
    }
    if (by === undefined) return;
    event.preventDefault();
    const to = Math.max(0, Math.min(DAY - 1, at + by));
    setMove({ of: from, to });
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => {
      settle(to);
    }, SETTLED);
  };
  const drag = (event: PointerEvent) => {
    if (grabbed.current === null || track.current === null) return;
    const by = ((event.clientX - grabbed.current) / track.current.clientWidth) * (span[1] - span[0]);
    setMove({ of: from, to: Math.max(0, Math.min(DAY - 1, from + Math.round(by / GRAIN) * GRAIN)) });
  };
  return (
    <div ref={track} className="relative h-9 min-w-0 overflow-hidden rounded bg-sunk">
      {ticks(...span, 60).map((hour) => (
        <span key={hour} aria-hidden className="absolute inset-y-0 w-px bg-line" style={{ left: `${percent(hour)}%` }} />
      ))}
      <div
        role="slider"
        tabIndex={0}
        aria-label={`Start of ${name}`}
        aria-valuemin={0}
        aria-valuemax={DAY - 1}
        aria-valuenow={at}
        aria-valuetext={`${time(clockOf(at))} to ${time(clockOf(at + minutes))}`}
        className="absolute inset-y-1 flex min-w-2 cursor-grab touch-none items-center rounded-sm bg-ink focus-visible:outline-offset-0 active:cursor-grabbing"
        style={{ left: `${percent(at)}%`, width: `${Math.max(1, percent(at + minutes) - percent(at))}%` }}
        onKeyDown={step}
        onPointerDown={(event) => {
          grabbed.current = event.clientX;
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={drag}
        onPointerUp={() => {
          grabbed.current = null;
          settle(at);
        }}
        onPointerCancel={() => {
          grabbed.current = null;
          setMove(null);
        }}
      />
      {moved !== null && (
        <span className="pointer-events-none absolute inset-y-0 right-2 flex items-center bg-sunk pl-1 text-sm font-semibold" aria-hidden>
          {time(clockOf(moved))}
        </span>
      )}
    </div>
  );
}
