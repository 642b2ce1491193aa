import type { CostDocument } from '@/types/generated';
import { scaleOf, stopMark, ticks } from './axis';
import { useWidth } from './useWidth';

const HEIGHT = 150;
const MARGIN = { left: 40, right: 26, top: 12, bottom: 26 };

interface Mark {
  readonly value: number;
  readonly text: string;
}

interface Props {
  /** In words, for those who do not see it. */
  readonly label: string;
  readonly costs: readonly CostDocument[];
  /** A second curve to hold it against, dashed. */
  readonly beside: readonly CostDocument[];
  /** Whether equal travel is an equal factor, or an equal difference. */
  readonly travel: 'factor' | 'difference';
  /** What is written below, and where. */
  readonly marks: readonly Mark[];
}

/** Light on the face along a length, a reflectance or a zoom, in stops against now. */
export function CostCurve({ label, costs, beside, travel, marks }: Props) {
  const [box, width] = useWidth();
  const gains = [...costs, ...beside].map((cost) => cost.gain);
  const values = costs.map((cost) => cost.value);
  const top = Math.max(1, ...gains);
  const bottom = Math.min(-1, ...gains);
  const x = scaleOf([Math.min(...values), Math.max(...values)], [MARGIN.left, width - MARGIN.right], travel === 'factor' ? Math.log2 : undefined);
  const y = scaleOf([top, bottom], [MARGIN.top, HEIGHT - MARGIN.bottom]);
  const line = (points: readonly CostDocument[]) => points.map((cost) => `${x(cost.value)},${y(cost.gain)}`).join(' ');
  return (
    <div ref={box}>
      {width > 0 && (
        <svg width={width} height={HEIGHT} role="img" aria-label={label} className="block text-ink">
          {ticks(bottom, top).map((stop) => (
            <g key={stop}>
              <line x1={MARGIN.left} x2={width - MARGIN.right} y1={y(stop)} y2={y(stop)} stroke={stop === 0 ? 'currentColor' : 'var(--line)'} />
              <text x={MARGIN.left - 8} y={y(stop) + 4} textAnchor="end" fontSize="11.5" fill="var(--faint)">
                {stopMark(stop)}
              </text>
            </g>
          ))}
          <polyline points={line(beside)} fill="none" stroke="var(--pop)" strokeWidth="1.5" strokeDasharray="3 4" />
          <polyline points={line(costs)} fill="none" stroke="var(--pop)" strokeWidth="2.5" />
          {costs.map((cost) => (
            <path key={cost.label} d={`M${x(cost.value)} ${y(cost.gain) - 5}l5 5l-5 5l-5 -5Z`} fill="var(--pop)" />
          ))}
          {apart(marks, x).map(({ value, text }) => (
            <text key={text} x={x(value)} y={HEIGHT - 8} textAnchor="middle" fontSize="11.5" fill="var(--faint)">
              {text}
            </text>
          ))}
        </svg>
      )}
    </div>
  );
}

/** px that a letter takes below the curve, and px between two texts. */
const LETTER = 6.2;
const GAP = 6;

/** The marks that have room beside each other, from the left. */
function apart(marks: readonly Mark[], x: (value: number) => number): Mark[] {
  const shown: Mark[] = [];
  let free = -Infinity;
  for (const mark of [...marks].sort((a, b) => a.value - b.value)) {
    const half = (mark.text.length * LETTER) / 2;
    if (x(mark.value) - half < free) continue;
    shown.push(mark);
    free = x(mark.value) + half + GAP;
  }
  return shown;
}
