import { scaleOf } from '@/charts/axis';
import { percent } from '@/lib/format';
import type { ScoreHeat } from '@/types/generated';
import { Label } from './Label';
import { HEAT, type Along } from './measures';

/** What each moment asks of its unit, against what a head bears; waits and sets to change are written there. */
export function Heat({ heat, top, x, until }: { readonly heat: readonly ScoreHeat[]; readonly top: number; readonly x: Along; readonly until: number }) {
  const y = scaleOf([0, Math.max(1, ...heat.map((step) => step.heat))], [top + HEAT, top + 14]);
  return (
    <g>
      {heat.map((step) => {
        const [from, width] = [x(step.from), Math.max(2, x(step.until) - x(step.from) - 2)];
        const told = [step.changes > 0 ? 'change the set' : '', step.waits ? 'you will wait' : '', step.heat >= 0.3 ? percent(step.heat) : ''].filter((part) => part !== '').join(', ');
        const hue = step.heat > 1 ? 'var(--alarm)' : 'var(--pop)';
        return (
          <g key={`${step.unit} ${step.moment} ${step.from}`}>
            <title>{`${step.unit}, ${step.moment}: ${percent(step.heat)} of what its head bears`}</title>
            <rect x={from} y={y(step.heat)} width={width} height={y(0) - y(step.heat)} fill={hue} opacity={step.heat > 1 ? 1 : 0.55} />
            <Label x={from + 1} y={y(step.heat) - 3} width={width} texts={[told, step.changes > 0 ? 'set' : '']} />
          </g>
        );
      })}
      <line x1={0} x2={until} y1={y(1)} y2={y(1)} stroke="var(--alarm)" strokeDasharray="6 3" />
    </g>
  );
}
