import { clockOf, levelMark, scaleOf, ticks } from '@/charts/axis';
import { useReader } from '@/lib/useReader';
import type { ScoreData, ScoreMoment } from '@/types/generated';
import { Label } from './Label';
import { CEILING, CURVE, SUN, type Along } from './measures';
import { rangeOf, writtenUntil } from './scales';

/** The glow of the rooms while their moments last, in its doubt, with its colour. */
export function Glow({ moments, top, x, until }: { readonly moments: readonly ScoreMoment[]; readonly top: number; readonly x: Along; readonly until: number }) {
  const points = moments.flatMap((moment) => moment.points);
  const read = moments.flatMap(({ readings }) => readings.map(({ ev }) => ev));
  const [low, high] = rangeOf([...points.flatMap(({ ev, doubt }) => [ev - doubt, ev + doubt]), ...read], 3);
  const y = scaleOf([high, low], [top + 6, top + CURVE - 12]);
  const ends = writtenUntil(moments);
  const [lowest, highest] = [Math.ceil(low), Math.floor(high)];
  return (
    <g>
      {ticks(lowest, highest, highest - lowest > 6 ? 4 : 2).map((ev) => (
        <g key={ev}>
          <line x1={0} x2={until} y1={y(ev)} y2={y(ev)} stroke="var(--line)" strokeDasharray="1 5" />
          <text x={3} y={y(ev) - 3} fontSize="11" fill="var(--faint)">
            {levelMark(ev)}
          </text>
        </g>
      ))}
      {moments.map(({ id, from, points: mine, readings }, i) => (
        <g key={id}>
          <defs>
            <linearGradient id={`tint-${id}`} gradientUnits="userSpaceOnUse" x1={x(from)} x2={x(mine.at(-1)?.at ?? from)} y1={0} y2={0}>
              {mine.map((p, j) => (
                <stop key={p.at} offset={j / Math.max(1, mine.length - 1)} stopColor={p.tint ?? 'transparent'} />
              ))}
            </linearGradient>
          </defs>
          <polygon points={[...mine.map((p) => `${x(p.at)},${y(p.ev + p.doubt)}`), ...mine.map((p) => `${x(p.at)},${y(p.ev - p.doubt)}`).reverse()].join(' ')} fill="url(#score-glow)" />
          <Label x={x(from)} y={top + CURVE - 1} width={x(ends[i] ?? from) - x(from)} colour="var(--glow)" texts={[coloursOf(mine), '']} />
          <polyline points={mine.map((p) => `${x(p.at)},${y(p.ev)}`).join(' ')} fill="none" stroke={`url(#tint-${id})`} strokeWidth="9" strokeLinejoin="round" />
          <polyline points={mine.map((p) => `${x(p.at)},${y(p.ev)}`).join(' ')} fill="none" stroke="var(--glow)" strokeWidth="2" strokeLinejoin="round" />
          {readings.map(({ at, ev, spot }) => (
            <g key={`${at} ${spot}`}>
              <title>{`Reading, ${spot}: EV ${levelMark(ev)}`}</title>
              <path d={`M${x(at)},${y(ev) - 5}l5,5l-5,5l-5,-5z`} fill="var(--raised)" stroke="var(--ink)" strokeWidth="1.5" />
            </g>
          ))}
        </g>
      ))}
    </g>
  );
}

/** Degrees under the horizon beyond which night is night. */
const NIGHT = -18;
/** Degrees over it that the lane has at the least. */
const DAY = 12;

/** px that a mark needs to be written before it. */
const MARK = 90;

/** How high the sun stands, and when it and the light after it are gone. */
export function Sun({ score, top, bottom, x, until }: { readonly score: ScoreData; readonly top: number; readonly bottom: number; readonly x: Along; readonly until: number }) {
  const { time } = useReader();
  const highest = Math.max(DAY, ...score.sun.map(({ altitude }) => altitude));
  const y = scaleOf([highest, NIGHT], [top + 3, top + SUN]);
  const ends = [x(score.sun[0]?.at ?? 0), x(score.sun.at(-1)?.at ?? 0)];
  const path = score.sun.map(({ at, altitude }) => `${x(at)},${y(Math.max(NIGHT, altitude))}`);
  const area = [`${ends[0]},${y(0)}`, ...path, `${ends[1]},${y(0)}`].join(' ');
  const marks = ([
    [score.sunset, 'sunset', 'end'],
    [score.twilight, 'twilight over', 'start'],
  ] as const).flatMap(([at, name, anchor]) => (at === null || x(at) < 0 || x(at) > until ? [] : [{ at, name, anchor: x(at) < MARK ? ('start' as const) : anchor }]));
  return (
    <g>
      <clipPath id="score-sun">
        <polygon points={area} />
      </clipPath>
      <g clipPath="url(#score-sun)">
        <rect x={0} y={top} width={until} height={y(0) - top} fill="var(--glow-wash)" />
        <rect x={0} y={y(0)} width={until} height={SUN} fill="var(--sunk)" />
      </g>
      <line x1={0} x2={until} y1={y(0)} y2={y(0)} stroke="var(--edge)" strokeDasharray="1 3" />
      <polyline points={path.join(' ')} fill="none" stroke="var(--glow)" strokeWidth="1.5" />
      {marks.map(({ at, name, anchor }) => (
        <g key={name}>
          <line x1={x(at)} x2={x(at)} y1={top} y2={bottom} stroke="var(--ink)" strokeDasharray="2 4" />
          <text x={x(at) + (anchor === 'end' ? -4 : 4)} y={anchor === 'end' ? top + SUN - 3 : top + 12} textAnchor={anchor} fontSize="12" fill="var(--ink)">
            {`${name} ${time(clockOf(at))}`}
          </text>
        </g>
      ))}
    </g>
  );
}

/** "2700 K", or from which to which it goes; nothing where nobody knows. */
function coloursOf(points: ScoreMoment['points']): string {
  const known = points.map(({ kelvin }) => kelvin).filter((kelvin) => kelvin !== null);
  const [low, high] = [Math.min(...known), Math.max(...known)];
  return known.length === 0 ? '' : low === high ? `${low} K` : `${low}–${high} K`;
}

/** Ceilings to one scale, the floor below, and how far people stand. */
export function Space({ moments, top, x }: { readonly moments: readonly ScoreMoment[]; readonly top: number; readonly x: Along }) {
  const { length } = useReader();
  const highest = Math.max(...moments.filter((moment) => !moment.openAbove).map((moment) => moment.ceiling), 3);
  const y = scaleOf([0, highest], [top + CEILING - 20, top + 16]);
  const ends = writtenUntil(moments);
  return moments.map((moment, i) => {
    const [from, until] = [x(moment.from), x(moment.until) - 2];
    const width = x(ends[i] ?? moment.until) - from;
    const [nearest, farthest] = [length(moment.nearest), length(moment.farthest)];
    return (
      <g key={moment.id}>
        <line x1={from} x2={until} y1={y(0)} y2={y(0)} stroke="var(--edge)" />
        {!moment.openAbove && <line x1={from} x2={until} y1={y(moment.ceiling)} y2={y(moment.ceiling)} stroke="var(--ink)" strokeWidth="2.5" />}
        <Label
          x={from + 2}
          y={(moment.openAbove ? y(0) - 2 : y(moment.ceiling)) - 4}
          width={width}
          {...(moment.openAbove ? { colour: 'var(--faint)' } : {})}
          texts={moment.openAbove ? ['open sky', 'sky', ''] : [length(moment.ceiling), '']}
        />
        <Label x={from + 2} y={top + CEILING - 6} width={width} colour="var(--faint)" texts={nearest === farthest ? [nearest, ''] : [`${nearest} – ${farthest}`, nearest, '']} />
      </g>
    );
  });
}
