import { Link } from '@inertiajs/react';
import { memo, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { clockOf, GRAIN, ticks } from '@/charts/axis';
import { useReader } from '@/lib/useReader';
import type { ScoreBarDocument, ScoreData, ScoreMoment } from '@/types/generated';
import { Label } from './Label';
import { Heat } from './Heat';
import { Glow, Space, Sun } from './Light';
import { HEAD, heights, LANE, STAFF, STAFFS, type Along } from './measures';
import { alongOf, rowsOf, spanOf } from './scales';
import { Staff, Texts } from './Staff';
import type { Sliding } from './useSlide';

interface Props {
  readonly score: ScoreData;
}

interface LanesProps extends Props {
  readonly planned: ScoreData;
  readonly perMinute: number;
  readonly now: number | null;
  readonly hands: Hands;
}

/** Moments as a hand takes them; null where nothing can be moved. */
type Hands = Pick<Sliding, 'slide' | 'take' | 'move' | 'drop' | 'discard'> | null;

/** Everything that runs with time. */
export const Lanes = memo(function Lanes({ score, planned, perMinute, now, hands }: LanesProps) {
  const { time } = useReader();
  const span = spanOf(planned.moments);
  const x = alongOf(span, perMinute);
  const width = x(span[1]);
  const at = heights(score);
  const { bars } = score.score;
  const hours = ticks(...span, perMinute < 1 ? 120 : 60);
  return (
    <svg width={width} height={at.all} className="block">
      <defs>
        <pattern id="score-glow" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill="var(--glow-wash)" />
          <line y2="6" stroke="var(--glow)" strokeWidth="1" opacity="0.35" />
        </pattern>
      </defs>
      {hours.map((hour) => (
        <g key={hour}>
          <line x1={x(hour)} x2={x(hour)} y1={18} y2={at.all} stroke="var(--line)" />
          <text x={x(hour) + 3} y={13} fontSize="12" fill="var(--faint)">
            {time(clockOf(hour))}
          </text>
        </g>
      ))}
      <Rules score={score} x={x} until={width} />
      <Heads moments={score.moments} planned={planned.moments} bars={bars} top={at.top} x={x} perMinute={perMinute} hands={hands} />
      <Sun score={score} top={at.sun} bottom={at.ceiling} x={x} until={width} />
      <Glow moments={score.moments} top={at.curve} x={x} until={width} />
      <Space moments={score.moments} top={at.ceiling} x={x} />
      {STAFFS.map(([control], i) => (
        <line key={control} x1={0} x2={width} y1={at.staffs + i * STAFF} y2={at.staffs + i * STAFF} stroke="var(--line)" />
      ))}
      {STAFFS.map(([control], i) => (
        <Staff key={control} score={score} control={control} top={at.staffs + i * STAFF} x={x} />
      ))}
      <Texts y={at.head} x={x} score={score} of={(bar) => (bar.output === 'off' ? 'off' : bar.head)} />
      <Texts y={at.curtain} x={x} score={score} of={(bar) => bar.curtain} />
      <Texts y={at.lens} x={x} score={score} of={inHand(bars)} />
      {at.gel !== null && <Texts y={at.gel} x={x} score={score} of={onFlash} />}
      {at.care !== null && <Care moments={score.moments} y={at.care} x={x} end={width} />}
      <Heat heat={score.heat} top={at.heat} x={x} until={width} />
      {now !== null && now >= span[0] && now <= span[1] && (
        <g>
          <line x1={x(now)} x2={x(now)} y1={18} y2={at.all} stroke="var(--alarm)" strokeWidth="2" />
          <text x={x(now) + 4} y={at.top - 4} fontSize="12" fontWeight="600" fill="var(--alarm)">
            now
          </text>
        </g>
      )}
    </svg>
  );
});

/** What is in hand: the lens, and of several bodies which. */
function inHand(bars: readonly ScoreBarDocument[]): (bar: ScoreBarDocument) => string {
  const isOne = new Set(bars.map(({ body }) => body)).size === 1;
  return (bar) => (isOne ? '' : `${bar.body} + `) + `${bar.lens}, ${bar.focalLength} mm`;
}

/** What is on the flash; null for the bare head, and for one that is off. */
function onFlash({ output, gel, modifier }: ScoreBarDocument): string | null {
  const parts = [gel, modifier].filter((part) => part !== null);
  return output === 'off' || parts.length === 0 ? null : parts.join(' + ');
}

/** What the house forbids; what begins before the night does is written where it comes into sight. */
function Rules({ score, x, until }: Props & { readonly x: Along; readonly until: number }) {
  const rows = rowsOf(score.rules);
  return score.rules.map((rule, i) => {
    const [start, end] = [Math.max(1, x(rule.from)), Math.min(until - 1, x(rule.until))];
    const y = 22 + (rows[i] ?? 0) * LANE;
    return end <= start ? null : (
      <g key={`${rule.from} ${rule.name}`}>
        <title>{rule.sentence}</title>
        <rect x={start} y={y} width={Math.max(2, end - start)} height={LANE - 6} rx="3" fill="var(--alarm-wash)" stroke="var(--alarm)" />
        <Label x={start + 5} y={y + 15} width={end - start - 6} colour="var(--alarm)" texts={[rule.name]} />
      </g>
    );
  });
}

/** What wants care, once where it begins. */
function Care({ moments, y, x, end }: { readonly moments: readonly ScoreMoment[]; readonly y: number; readonly x: Along; readonly end: number }) {
  const careful = moments.filter((moment) => moment.cautions.length > 0);
  return careful.map(({ id, from, cautions }, i) => (
    <g key={id}>
      <title>{cautions.join(' ')}</title>
      <line x1={x(from)} x2={x(from)} y1={y} y2={y + LANE - 6} stroke="var(--ink)" strokeWidth="2" />
      <Label x={x(from) + 5} y={y + 15} width={(careful[i + 1] === undefined ? end : x(careful[i + 1]?.from ?? from)) - x(from) - 8} texts={[cautions.map(inShort).join('; '), cautions.map(inShort)[0] ?? '']} />
    </g>
  ));
}

/** "Open flames" of "Open flames: keep head, gel and cloth away from them …". */
function inShort(caution: string): string {
  return caution.split(':')[0] ?? caution;
}

interface HeadsProps {
  readonly moments: readonly ScoreMoment[];
  readonly planned: readonly ScoreMoment[];
  readonly bars: readonly ScoreBarDocument[];
  readonly top: number;
  readonly x: Along;
  readonly perMinute: number;
  readonly hands: Hands;
}

/** px that a pointer moves before it is meant. */
const MEANT = 4;

/** Names of the moments; each opens its bench, and is taken to another time by hand. */
function Heads({ moments, planned, bars, top, x, perMinute, hands }: HeadsProps) {
  const rows = rowsOf(moments);
  /** What is held: where the pointer took it, and whether it has moved. */
  const held = useRef<{ readonly from: number; readonly at: number; moved: boolean } | null>(null);
  const drag = (moment: ScoreMoment) => (event: PointerEvent) => {
    const grip = held.current;
    if (grip === null || event.buttons === 0 || hands === null) return;
    const by = event.clientX - grip.at;
    if (!grip.moved && Math.abs(by) < MEANT) return;
    if (!grip.moved) event.currentTarget.setPointerCapture(event.pointerId);
    grip.moved = true;
    hands.move(moment, grip.from + by / perMinute);
  };
  const release = () => {
    if (held.current?.moved === true) hands?.drop();
  };
  const startOf = (moment: ScoreMoment) => (hands?.slide?.moment.id === moment.id ? hands.slide.to : moment.from);
  const nudge = (moment: ScoreMoment) => (event: KeyboardEvent) => {
    const by = { ArrowLeft: -GRAIN, ArrowRight: GRAIN }[event.key];
    if (event.key === 'Escape') hands?.discard();
    if (hands === null || by === undefined || !event.shiftKey) return;
    event.preventDefault();
    event.stopPropagation();
    hands.move(moment, startOf(moment) + by);
  };
  // What a hand holds stays where it is among its siblings: a browser forgets the hold otherwise.
  return planned.map(({ id }) => {
    const i = moments.findIndex((moment) => moment.id === id);
    const moment = moments[i];
    if (moment === undefined) return null;
    const width = Math.max(10, x(moment.until) - x(moment.from) - 2);
    const y = top + (rows[i] ?? 0) * HEAD;
    const short = bars.some((bar) => bar.moment === moment.uid && !bar.feasible);
    const look = moment.skipped ? 'border border-edge text-ink' : short ? 'bg-alarm text-ground' : 'bg-ink text-ground';
    const { gap } = moment;
    return (
      <g key={moment.id}>
        {gap !== null && gap > 0 && <Label x={x(moment.from - gap) + 3} y={top + 17} width={gap * perMinute - 2} colour="var(--faint)" texts={[`${gap} min free`, `${gap} min`, '']} />}
        {gap !== null && gap < 0 && (
          <g>
            <title>{`${moment.name} begins ${-gap} min before what comes before it is over`}</title>
            <rect x={x(moment.from)} y={y - 3} width={Math.min(width, -gap * perMinute)} height="3" fill="var(--alarm)" />
          </g>
        )}
        <foreignObject x={x(startOf(moment))} y={y} width={width} height={HEAD - 3}>
          <Link
            href={`/moments/${moment.id}`}
            aria-label={`${moment.name}${moment.skipped ? ', left out' : short ? ', cannot be had as wished' : ''}`}
            className={`block h-full truncate rounded-sm px-1.5 text-sm/6 font-semibold focus-visible:outline-offset-[-3px] ${hands === null ? '' : 'touch-pan-y cursor-grab active:cursor-grabbing'} ${look}`}
            draggable={false}
            onPointerDown={(event) => {
              if (event.button !== 0) return;
              held.current = { from: startOf(moment), at: event.clientX, moved: false };
              hands?.take(moment);
            }}
            onPointerMove={drag(moment)}
            onPointerUp={release}
            onPointerCancel={release}
            onClickCapture={(event) => {
              if (held.current?.moved === true) event.preventDefault();
              held.current = null;
            }}
            onKeyDown={nudge(moment)}
            onKeyUp={(event) => {
              if (event.key === 'Shift') hands?.drop();
            }}
          >
            {moment.name}
          </Link>
        </foreignObject>
      </g>
    );
  });
}
