import type { CostDocument } from '@/types/generated';
import { useWidth } from './useWidth';

const HEIGHT = 150;
const MARGIN = { left: 40, right: 26, top: 12, bottom: 26 };

interface Props {
  /** In words, for those who do not see it. */
  readonly label: string;
  readonly costs: readonly CostDocument[];
  /** A second curve to hold it against, dashed. */
  readonly beside: readonly CostDocument[];
  /** Whether equal travel is an equal factor, or an equal difference. */
  readonly travel: 'factor' | 'difference';
  /** What is written below, and where. */
  readonly marks: readonly { readonly value: number; readonly text: string }[];
}

/** Light on the face along a length, a reflectance or a zoom, in stops against now. */
export function CostCurve({ label, costs, beside, travel, marks }: Props) {
  const [box, width] = useWidth();
  const gains = [...costs, ...beside].map((cost) => cost.gain);
  const along = travel === 'factor' ? Math.log2 : (value: number) => value;
  const lengths = costs.map((cost) => along(cost.value));
  const [from, to] = [Math.min(...lengths), Math.max(...lengths)];
  const top = Math.max(1, ...gains);
  const bottom = Math.min(-1, ...gains);
  const x = (value: number) => MARGIN.left + ((along(value) - from) / Math.max(1e-6, to - from)) * (width - MARGIN.left - MARGIN.right);
  const y = (gain: number) => MARGIN.top + ((top - gain) / (top - bottom)) * (HEIGHT - MARGIN.top - MARGIN.bottom);
  const line = (points: readonly CostDocument[]) => points.map((cost) => `${x(cost.value)},${y(cost.gain)}`).join(' ');
  const stops = Array.from({ length: Math.floor(top) - Math.ceil(bottom) + 1 }, (_, i) => Math.ceil(bottom) + i);
  return (
    <div ref={box}>
      {width > 0 && (
        <svg width={width} height={HEIGHT} role="img" aria-label={label} className="block text-ink">
          {stops.map((stop) => (
            <g key={stop}>
              <line x1={MARGIN.left} x2={width - MARGIN.right} y1={y(stop)} y2={y(stop)} stroke={stop === 0 ? 'currentColor' : 'var(--line)'} />
              <text x={MARGIN.left - 8} y={y(stop) + 4} textAnchor="end" fontSize="11.5" fill="var(--faint)">
                {stop > 0 ? `+${stop}` : String(stop).replace('-', '−')}
              </text>
            </g>
          ))}
          <polyline points={line(beside)} fill="none" stroke="var(--pop)" strokeWidth="1.5" strokeDasharray="3 4" />
          <polyline points={line(costs)} fill="none" stroke="var(--pop)" strokeWidth="2.5" />
          {costs.map((cost) => (
            <path key={cost.label} d={`M${x(cost.value)} ${y(cost.gain) - 5}l5 5l-5 5l-5 -5Z`} fill="var(--pop)" />
          ))}
          {marks.map(({ value, text }) => (
            <text key={text} x={x(value)} y={HEIGHT - 8} textAnchor="middle" fontSize="11.5" fill="var(--faint)">
              {text}
            </text>
          ))}
        </svg>
      )}
    </div>
  );
}
