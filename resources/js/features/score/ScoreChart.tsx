import { useRef, useState, type KeyboardEvent, type ReactNode, type TouchEvent } from 'react';
import { useWidth } from '@/charts/useWidth';
import type { ScoreData } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Lanes } from './Lanes';
import { CEILING, HEAT, heights, NAMES, STAFF, STAFFS } from './measures';
import { perMinuteOf, spanOf, ZOOMS } from './scales';
import type { Sliding } from './useSlide';

interface Props {
  readonly score: ScoreData;
}

interface ChartProps extends Props {
  /** Before anything was moved by hand: time and order are shown by it. */
  readonly planned: ScoreData;
  /** Minute of the night; null on any other day. */
  readonly now: number | null;
  /** Null where nothing can be moved. */
  readonly hands: Sliding | null;
  /** What is to be known of it first. */
  readonly children: ReactNode;
}

/** How far two fingers go apart, or together, for one step larger or smaller. */
const PINCHED = 1.3;

/** The night from left to right: its light, its rooms, and a staff for every control. */
export function ScoreChart({ score, planned, now, hands, children }: ChartProps) {
  const [zoom, setZoom] = useState(0);
  const [box, width] = useWidth();
  const scroller = useRef<HTMLDivElement>(null);
  const perMinute = perMinuteOf(spanOf(planned.moments), width - NAMES, ZOOMS[zoom] ?? 1);
  const by = (steps: number) => {
    const to = Math.max(0, Math.min(ZOOMS.length - 1, zoom + steps));
    const lanes = scroller.current;
    const grows = (ZOOMS[to] ?? 1) / (ZOOMS[zoom] ?? 1);
    setZoom(to);
    // What stands in the middle stays there.
    if (lanes !== null) requestAnimationFrame(() => (lanes.scrollLeft = (lanes.scrollLeft + lanes.clientWidth / 2) * grows - lanes.clientWidth / 2));
  };
  const fingers = useRef<number | null>(null);
  const pinch = ({ touches }: TouchEvent) => {
    const [one, other] = Array.from(touches);
    if (one === undefined || other === undefined) return;
    const apart = Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY);
    fingers.current ??= apart;
    const grown = apart / fingers.current;
    if (grown < PINCHED && grown > 1 / PINCHED) return;
    by(grown > 1 ? 1 : -1);
    fingers.current = apart;
  };
  const keys = (event: KeyboardEvent) => {
    if (event.key === '+' || event.key === '=') by(1);
    if (event.key === '-') by(-1);
  };
  return (
    <section aria-label="Score" className="grid min-w-0 grid-cols-1 gap-2">
      <div className="flex flex-wrap items-end justify-end gap-2">
        <div className="grid min-w-72 flex-1 gap-1">{children}</div>
        <Button look="quiet" disabled={zoom === 0} onClick={() => { by(-1); }}>
          Show more of the night
        </Button>
        <Button look="quiet" disabled={zoom === ZOOMS.length - 1} onClick={() => { by(1); }}>
          Show it larger
        </Button>
      </div>
      <div ref={box} className="flex rounded-lg border border-line bg-raised">
        <Names score={score} />
        <div ref={scroller} tabIndex={0} onWheel={(event) => { if (event.ctrlKey) by(event.deltaY < 0 ? 1 : -1); }} role="group" onTouchMove={pinch} onTouchEnd={() => { fingers.current = null; }} aria-label="Lanes of the night; the arrow keys move along it, + and − change its size, and with Shift they move the moment whose name has the focus" onKeyDown={keys} className="min-w-0 grow touch-pan-x touch-pan-y overflow-x-auto focus-visible:outline-offset-0">
          {width > 0 && <Lanes score={score} planned={planned} perMinute={perMinute} now={now} hands={hands} />}
        </div>
      </div>
    </section>
  );
}

/** What the lanes are, beside them; they stay in sight while the night moves. */
function Names({ score }: Props) {
  const at = heights(score);
  const names: readonly (readonly [number, string])[] = [
    ...(score.rules.length > 0 ? ([[38, 'House']] as const) : []),
    [at.sun + 14, 'Sun'],
    [at.curve + 14, 'Glow, EV'],
    [at.ceiling + 14, 'Ceiling'],
    [at.ceiling + CEILING - 8, 'Subject'],
    ...STAFFS.map(([, name], i) => [at.staffs + i * STAFF + 20, name] as const),
    [at.head + 17, 'Head'],
    [at.curtain + 17, 'Curtain'],
    [at.lens + 17, 'Lens'],
    ...(at.gel === null ? [] : ([[at.gel + 17, 'On flash']] as const)),
    ...(at.care === null ? [] : ([[at.care + 17, 'Take care']] as const)),
    [at.heat + HEAT - 6, 'Heat'],
  ];
  return (
    <svg width={NAMES - 2} height={at.all} aria-hidden className="shrink-0 border-r border-line">
      {names.map(([y, name]) => (
        <text key={name} x="8" y={y} fontSize="12.5" fontWeight="600" fill="var(--ink)">
          {name}
        </text>
      ))}
    </svg>
  );
}
