import { clockOf, scaleOf, ticks } from '@/charts/axis';
import { useWidth } from '@/charts/useWidth';
import { percent } from '@/lib/format';
import { useReader } from '@/lib/useReader';
import type { EnergyRow, UnitEnergy } from '@/types/generated';

/** px of the names beside the lanes. */
const NAMES = 64;
const HEAT = 96;
const SET = 72;
const TOP = 20;

/** Minutes shown before the first moment and after the last. */
const ROOM = 10;

/** Heat against its limit, and what is left in the set, through the night. */
export function EnergyChart({ unit }: { readonly unit: UnitEnergy }) {
  const [box, width] = useWidth();
  const { time } = useReader();
  const { rows } = unit;
  const [from, until] = [Math.min(...rows.map((row) => row.from)) - ROOM, Math.max(...rows.map((row) => row.until)) + ROOM];
  const x = scaleOf([from, until], [NAMES, Math.max(NAMES + 1, width)]);
  const heat = scaleOf([0, Math.max(1.2, ...rows.map((row) => row.heat))], [TOP + HEAT, TOP + 12]);
  const set = scaleOf([0, 1], [TOP + HEAT + SET, TOP + HEAT + 16]);
  return (
    <div ref={box}>
      {width > 0 && (
        <svg width={width} height={TOP + HEAT + SET + 4} role="img" aria-label={`Heat and cells of ${unit.name} through the night; the table below has the figures`} className="block">
          {ticks(from, until, width < 600 ? 120 : 60).map((hour) => (
            <g key={hour}>
              <line x1={x(hour)} x2={x(hour)} y1={TOP} y2={TOP + HEAT + SET} stroke="var(--line)" />
              {x(hour) + 45 < width && (
                <text x={x(hour) + 3} y={13} fontSize="12" fill="var(--faint)">
                  {time(clockOf(hour))}
                </text>
              )}
            </g>
          ))}
          <Name y={TOP + HEAT - 4} text="Heat" />
          <Name y={TOP + HEAT + SET - 4} text="Set" />
          <text x={2} y={set(1) + 4} fontSize="12" fill="var(--faint)">
            full
          </text>
          {rows.map((row) => (
            <Heat key={`${row.name} ${row.from}`} row={row} x={x} y={heat} />
          ))}
          <line x1={NAMES} x2={width} y1={heat(1)} y2={heat(1)} stroke="var(--alarm)" strokeWidth="1.5" strokeDasharray="6 3" />
          <text x={2} y={heat(1) + 4} fontSize="12" fill="var(--alarm)">
            limit
          </text>
          <line x1={NAMES} x2={width} y1={heat(0)} y2={heat(0)} stroke="var(--edge)" />
          <line x1={NAMES} x2={width} y1={set(0)} y2={set(0)} stroke="var(--edge)" />
          <polyline points={leftOf(rows).map(([minute, left]) => `${x(minute)},${set(left)}`).join(' ')} fill="none" stroke="var(--pop)" strokeWidth="2.5" />
          {rows
            .filter((row) => row.changes > 0)
            .map((row) => (
              <text key={row.name} x={x(row.from) + 2} y={TOP + HEAT + 14} fontSize="12" fontWeight="600" fill="var(--ink)">
                {row.changes === 1 ? 'change the set' : `change ${row.changes} times`}
              </text>
            ))}
        </svg>
      )}
    </div>
  );
}

/** Where a set stands, 1 full: it falls while a moment lasts, and stands full again where it was changed. */
function leftOf(rows: readonly EnergyRow[]): readonly (readonly [number, number])[] {
  let drained = 0;
  let told = -Infinity;
  return rows.flatMap((row) => {
    const from = Math.min(row.until, Math.max(row.from, told)); // of moments that overlap the first is told first
    told = Math.max(told, row.until);
    const points: [number, number][] = [[from, 1 - (drained % 1)]];
    for (let full = Math.floor(drained) + 1; full <= Math.floor(row.drained); full++) {
      const at = from + ((row.until - from) * (full - drained)) / (row.drained - drained);
      points.push([at, 0], [at, 1]);
    }
    drained = row.drained;
    points.push([row.until, 1 - (drained % 1)]);
    return points;
  });
}

function Heat({ row, x, y }: { readonly row: EnergyRow; readonly x: (minute: number) => number; readonly y: (heat: number) => number }) {
  const width = Math.max(2, x(row.until) - x(row.from) - 2);
  return (
    <g>
      <title>{`${row.name}: ${percent(row.heat)} of what the head bears`}</title>
      <rect x={x(row.from)} y={y(row.heat)} width={width} height={y(0) - y(row.heat)} fill={row.overheats ? 'var(--alarm)' : 'var(--pop)'} opacity={row.overheats ? 1 : 0.55} />
      {row.heat >= 0.3 && width > 24 && (
        <text x={x(row.from) + 1} y={y(row.heat) - 3} fontSize="12" fontWeight="600" fill={row.overheats ? 'var(--alarm)' : 'var(--ink)'}>
          {percent(row.heat)}
        </text>
      )}
    </g>
  );
}

function Name({ y, text }: { readonly y: number; readonly text: string }) {
  return (
    <text x={2} y={y} fontSize="12.5" fontWeight="600" fill="var(--ink)">
      {text}
    </text>
  );
}
