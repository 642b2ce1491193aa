import { Link } from '@inertiajs/react';
import { memo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { useWidth } from '@/charts/useWidth';
import { clockOf, levelMark, scaleOf, ticks } from '@/charts/axis';
import { useReader } from '@/lib/useReader';
import type { ScoreBarDocument, ScoreData, ScoreMoment } from '@/types/generated';
import { Button } from '@/ui/Button';
import { alongOf, fitting, perMinuteOf, rangeOf, rowsOf, runsOf, spanOf, ZOOMS, type Stepped } from './scales';

interface Props {
  readonly score: ScoreData;
}

/** px of the names beside the lanes. */
const NAMES = 78;
const HEAD = 30;
const CURVE = 96;
const CEILING = 56;
const STAFF = 58;
const LANE = 26;

const STAFFS: readonly (readonly [Stepped, string])[] = [
  ['shutter', 'Shutter'],
  ['aperture', 'Aperture'],
  ['iso', 'ISO'],
  ['output', 'Output'],
];

/** The night from left to right: its light, its rooms, and a staff for every control. */
export function ScoreChart({ score }: Props) {
  const [zoom, setZoom] = useState(0);
  const [box, width] = useWidth();
  const scroller = useRef<HTMLDivElement>(null);
  const perMinute = perMinuteOf(spanOf(score.moments), width - NAMES, ZOOMS[zoom] ?? 1);
  const by = (steps: number) => {
    const to = Math.max(0, Math.min(ZOOMS.length - 1, zoom + steps));
    const lanes = scroller.current;
    const grows = (ZOOMS[to] ?? 1) / (ZOOMS[zoom] ?? 1);
    setZoom(to);
    // What stands in the middle stays there.
    if (lanes !== null) requestAnimationFrame(() => (lanes.scrollLeft = (lanes.scrollLeft + lanes.clientWidth / 2) * grows - lanes.clientWidth / 2));
  };
  const keys = (event: KeyboardEvent) => {
    if (event.key === '+' || event.key === '=') by(1);
    if (event.key === '-') by(-1);
  };
  return (
    <section aria-label="Score" className="grid min-w-0 grid-cols-1 gap-2">
      <div className="flex flex-wrap items-center justify-end gap-2">
        <Button look="quiet" disabled={zoom === 0} onClick={() => { by(-1); }}>
          Show more of the night
        </Button>
        <Button look="quiet" disabled={zoom === ZOOMS.length - 1} onClick={() => { by(1); }}>
          Show it larger
        </Button>
      </div>
      <div ref={box} className="flex rounded-lg border border-line bg-raised">
        <Names score={score} />
        <div ref={scroller} tabIndex={0} role="group" aria-label="Lanes of the night; the arrow keys move along it, + and − change its size" onKeyDown={keys} className="min-w-0 grow overflow-x-auto focus-visible:outline-offset-0">
          {width > 0 && <Lanes score={score} perMinute={perMinute} />}
        </div>
      </div>
    </section>
  );
}

function heights(score: ScoreData) {
  const rows = 1 + Math.max(0, ...rowsOf(score.moments));
  const top = 22 + (score.rules.length === 0 ? 0 : LANE * (1 + Math.max(...rowsOf(score.rules))));
  const curve = top + rows * HEAD + 8;
  const ceiling = curve + CURVE;
  const staffs = ceiling + CEILING + 16;
  const head = staffs + STAFFS.length * STAFF;
  return { top, curve, ceiling, staffs, head, lens: head + LANE, all: head + 2 * LANE + 6 };
}

/** What the lanes are, beside them; they stay in sight while the night moves. */
function Names({ score }: Props) {
  const at = heights(score);
  const names: readonly (readonly [number, string])[] = [
    ...(score.rules.length > 0 ? ([[38, 'House']] as const) : []),
    [at.curve + 14, 'Glow, EV'],
    [at.ceiling + 14, 'Ceiling'],
    [at.ceiling + CEILING - 8, 'Subject'],
    ...STAFFS.map(([, name], i) => [at.staffs + i * STAFF + 20, name] as const),
    [at.head + 17, 'Head'],
    [at.lens + 17, 'Lens'],
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

const Lanes = memo(function Lanes({ score, perMinute }: Props & { readonly perMinute: number }) {
  const { time, length } = useReader();
  const span = spanOf(score.moments);
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
      <Heads moments={score.moments} bars={bars} top={at.top} x={x} />
      <Glow moments={score.moments} sunset={score.sunset} top={at.curve} x={x} />
      {score.moments.map((moment) => (
        <Space key={moment.id} moment={moment} moments={score.moments} top={at.ceiling} x={x} length={length} />
      ))}
      {STAFFS.map(([control], i) => (
        <Staff key={control} score={score} control={control} top={at.staffs + i * STAFF} x={x} />
      ))}
      <Texts y={at.head} x={x} score={score} of={(bar) => (bar.output === 'off' ? 'off' : bar.head)} />
      <Texts y={at.lens} x={x} score={score} of={lensOf} />
    </svg>
  );
});

function lensOf(bar: ScoreBarDocument): string {
  return [`${bar.lens}, ${bar.focalLength} mm`, bar.modifier, bar.gel].filter((part) => part !== null).join(' + ');
}

type Along = (minute: number) => number;

interface LabelProps {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly colour?: string;
  /** From the longest that may be said to the shortest. */
  readonly texts: readonly string[];
}

function Label({ x, y, width, colour = 'var(--ink)', texts }: LabelProps) {
  return (
    <text x={x} y={y} fontSize="12" fill={colour}>
      {fitting(texts, width - 4)}
    </text>
  );
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

/** Names of the moments; each opens its bench. */
function Heads({ moments, bars, top, x }: { readonly moments: readonly ScoreMoment[]; readonly bars: readonly ScoreBarDocument[]; readonly top: number; readonly x: Along }) {
  const rows = rowsOf(moments);
  return moments.map((moment, i) => {
    const width = Math.max(10, x(moment.until) - x(moment.from) - 2);
    const short = bars.some((bar) => bar.moment === moment.uid && !bar.feasible);
    return (
      <foreignObject key={moment.id} x={x(moment.from)} y={top + (rows[i] ?? 0) * HEAD} width={width} height={HEAD - 3}>
        <Link
          href={`/moments/${moment.id}`}
          aria-label={short ? `${moment.name}, cannot be had as wished` : moment.name}
          className={`block h-full truncate rounded-sm px-1.5 text-sm/6 font-semibold focus-visible:outline-offset-[-3px] ${short ? 'bg-alarm text-ground' : 'bg-ink text-ground'}`}
        >
          {moment.name}
        </Link>
      </foreignObject>
    );
  });
}

function Glow({ moments, sunset, top, x }: { readonly moments: readonly ScoreMoment[]; readonly sunset: number | null; readonly top: number; readonly x: Along }) {
  const points = moments.flatMap((moment) => moment.points);
  const [low, high] = rangeOf(points.flatMap(({ ev, doubt }) => [ev - doubt, ev + doubt]), 3);
  const y = scaleOf([high, low], [top + 6, top + CURVE - 12]);
  const [lowest, highest] = [Math.ceil(low), Math.floor(high)];
  return (
    <g>
      {ticks(lowest, highest, highest - lowest > 6 ? 4 : 2).map((ev) => (
        <g key={ev}>
          <line x1={0} x2={100000} y1={y(ev)} y2={y(ev)} stroke="var(--line)" strokeDasharray="1 5" />
          <text x={3} y={y(ev) - 3} fontSize="11" fill="var(--faint)">
            {levelMark(ev)}
          </text>
        </g>
      ))}
      {moments.map(({ id, points: mine }) => (
        <g key={id}>
          <polygon points={[...mine.map((p) => `${x(p.at)},${y(p.ev + p.doubt)}`), ...mine.map((p) => `${x(p.at)},${y(p.ev - p.doubt)}`).reverse()].join(' ')} fill="url(#score-glow)" />
          <polyline points={mine.map((p) => `${x(p.at)},${y(p.ev)}`).join(' ')} fill="none" stroke="var(--glow)" strokeWidth="2.5" strokeLinejoin="round" />
        </g>
      ))}
      {sunset !== null && (
        <g>
          <line x1={x(sunset)} x2={x(sunset)} y1={top} y2={top + CURVE} stroke="var(--ink)" strokeDasharray="2 4" />
          <text x={x(sunset) + 4} y={top + 12} fontSize="12" fill="var(--ink)">
            sunset
          </text>
        </g>
      )}
    </g>
  );
}

/** Ceiling and distances to one scale, the floor below. */
function Space({ moment, moments, top, x, length }: { readonly moment: ScoreMoment; readonly moments: readonly ScoreMoment[]; readonly top: number; readonly x: Along; readonly length: (metres: number) => string }) {
  const highest = Math.max(...moments.filter((m) => !m.openAbove).map((m) => m.ceiling), 3);
  const y = scaleOf([0, highest], [top + CEILING - 20, top + 16]);
  const [from, until] = [x(moment.from), x(moment.until) - 2];
  const width = until - from;
  const distances = moment.nearest === moment.farthest ? length(moment.nearest) : `${length(moment.nearest)} – ${length(moment.farthest)}`;
  return (
    <g>
      <line x1={from} x2={until} y1={y(0)} y2={y(0)} stroke="var(--edge)" />
      {moment.openAbove ? (
        <Label x={from + 2} y={y(0) - 6} width={width} colour="var(--faint)" texts={['open sky', 'sky']} />
      ) : (
        <>
          <line x1={from} x2={until} y1={y(moment.ceiling)} y2={y(moment.ceiling)} stroke="var(--ink)" strokeWidth="2.5" />
          <Label x={from + 2} y={y(moment.ceiling) - 4} width={width + 4} texts={[length(moment.ceiling)]} />
        </>
      )}
      <Label x={from + 2} y={top + CEILING - 6} width={width + 2} colour="var(--faint)" texts={[distances, length(moment.nearest)]} />
    </g>
  );
}

/** A control through the night: it steps where it is turned, and the turn is written there. */
function Staff({ score, control, top, x }: Props & { readonly control: Stepped; readonly top: number; readonly x: Along }) {
  const runs = runsOf(score.places, control);
  const [low, high] = rangeOf(runs.map((run) => run.at), 2);
  const y = scaleOf([high, low], [top + 18, top + STAFF - 10]);
  const hue = control === 'output' ? 'var(--pop)' : 'var(--ink)';
  return (
    <g>
      <line x1={0} x2={100000} y1={top} y2={top} stroke="var(--line)" />
      {runs.map((run, i) => {
        const bar = score.score.bars[run.bar];
        const before = runs[i - 1];
        const change = bar?.changes.find((c) => c.control === control);
        const next = runs[i + 1];
        // A neighbour that stands elsewhere leaves its room above the line.
        const beside = next === undefined || Math.abs(y(next.at) - y(run.at)) > 14 ? runs[i + 2] : next;
        const width = x(beside?.from ?? run.until + 30) - x(run.from);
        const value = (bar?.[control] ?? '').replace('ISO ', '');
        return (
          <g key={run.from}>
            {change !== undefined && <title>{`${change.label}. ${change.why}`}</title>}
            {before !== undefined && <line x1={x(before.until)} x2={x(run.from)} y1={y(before.at)} y2={y(run.at)} stroke={hue} strokeWidth="1" strokeDasharray="2 3" />}
            <line x1={x(run.from)} x2={x(run.until)} y1={y(run.at)} y2={y(run.at)} stroke={hue} strokeWidth="3" />
            <Label x={x(run.from) + 1} y={y(run.at) - 5} width={width + 4} colour={hue} texts={change === undefined ? [value, value.replace(' s', '')] : [`${value}, ${turned(change.label)}`, value, value.replace(' s', '')]} />
          </g>
        );
      })}
    </g>
  );
}

/** "3 up" of "ISO 3 up": whose it is says the staff. */
function turned(label: string): string {
  return label.replace(/^\S+ /, '');
}

/** A lane of words: what is in use until it changes. */
function Texts({ score, y, x, of }: Props & { readonly y: number; readonly x: Along; readonly of: (bar: ScoreBarDocument) => string }): ReactNode {
  const runs: { readonly from: number; until: number; readonly text: string }[] = [];
  score.places.forEach((place, i) => {
    const bar = score.score.bars[i];
    if (bar === undefined) return;
    const text = of(bar);
    const last = runs.at(-1);
    if (last?.text === text) last.until = place.until;
    else runs.push({ from: place.from, until: place.until, text });
  });
  return runs.map((run, i) => {
    const until = Math.min(run.until, runs[i + 1]?.from ?? run.until);
    return (
      <g key={run.from}>
        <title>{run.text}</title>
        <rect x={x(run.from)} y={y} width={Math.max(2, x(until) - x(run.from) - 2)} height={LANE - 4} rx="2" fill="var(--sunk)" />
        <Label x={x(run.from) + 4} y={y + 15} width={x(until) - x(run.from) - 4} texts={[run.text]} />
      </g>
    );
  });
}
