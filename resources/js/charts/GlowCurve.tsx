import type { Reader } from '@/lib/reader';
import { useReader } from '@/lib/useReader';
import type { CurveData, GlowCurveData, ReadingData } from '@/types/generated';
import { levelMark, minutesSince, scaleOf, ticks } from './axis';
import { useWidth } from './useWidth';

const HEIGHT = 300;
const MARGIN = { left: 46, right: 16, top: 26, bottom: 46 };

/** The glow of a room through an evening: the curve in its doubt, and what was measured. */
export function GlowCurve({ curve }: { readonly curve: GlowCurveData }) {
  const reader = useReader();
  const [box, width] = useWidth();
  const readings = curve.readings.filter((reading) => reading.date === curve.date && reading.of !== 'people');
  const levels = [...curve.points.flatMap((p) => [p.ev - p.doubt, p.ev + p.doubt]), ...readings.map((r) => r.ev)];
  const [bottom, top] = [Math.floor(Math.min(...levels) - 0.3), Math.ceil(Math.max(...levels) + 0.3)];
  const since = (clock: string) => minutesSince(minutesSince(0, curve.points[0]?.at ?? '00:00'), clock);
  const along = scaleOf([0, since(curve.points.at(-1)?.at ?? '00:00')], [MARGIN.left, width - MARGIN.right]);
  const x = (clock: string) => along(since(clock));
  const y = scaleOf([top, bottom], [MARGIN.top, HEIGHT - MARGIN.bottom]);
  const edge = (points: readonly CurveData[], sign: number) => points.map((p) => `${x(p.at)},${y(p.ev + sign * p.doubt)}`);
  const every = top - bottom > 10 ? 2 : 1;
  const hours = curve.points.filter((p) => p.at.endsWith(':00') && Number(p.at.slice(0, 2)) % (width < 500 ? 3 : 2) === 0);
  return (
    <div ref={box}>
      {width > 0 && (
        <svg width={width} height={HEIGHT} role="img" aria-label={inWords(curve, readings, reader)} className="block text-ink">
          <defs>
            <pattern id="doubt" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <rect width="6" height="6" fill="var(--glow-wash)" />
              <line y2="6" stroke="var(--glow)" strokeWidth="1" opacity="0.35" />
            </pattern>
          </defs>
          {ticks(bottom, top, every).map((ev) => (
            <g key={ev}>
              <line x1={MARGIN.left} x2={width - MARGIN.right} y1={y(ev)} y2={y(ev)} stroke="var(--line)" />
              <text x={MARGIN.left - 8} y={y(ev) + 4} textAnchor="end" fontSize="12" fill="var(--faint)">
                {levelMark(ev)}
              </text>
            </g>
          ))}
          <text x={4} y={14} fontSize="12" fill="var(--faint)">
            EV
          </text>
          <polygon points={[...edge(curve.points, 1), ...edge(curve.points, -1).reverse()].join(' ')} fill="url(#doubt)" />
          <polyline points={curve.points.map((p) => `${x(p.at)},${y(p.ev)}`).join(' ')} fill="none" stroke="var(--glow)" strokeWidth="2.5" strokeLinejoin="round" />
          {curve.sunset !== null && <Sunset at={x(curve.sunset)} clock={reader.time(curve.sunset)} />}
          {hours.map((p, i) => (
            <g key={p.at} fontSize="12" textAnchor="middle" fill="var(--faint)">
              <text x={x(p.at)} y={HEIGHT - 26}>
                {reader.hour(p.at)}
              </text>
              {(width >= 500 || i % 2 === 0) && (
                <text x={x(p.at)} y={HEIGHT - 10}>
                  {p.kelvin} K
                </text>
              )}
            </g>
          ))}
          {readings.map((reading) => (
            <Mark key={`${reading.at} ${reading.spot}`} reading={reading} x={x(reading.at)} y={y(reading.ev)} />
          ))}
        </svg>
      )}
    </div>
  );
}

function Sunset({ at, clock }: { readonly at: number; readonly clock: string }) {
  return (
    <g>
      <line x1={at} x2={at} y1={MARGIN.top} y2={HEIGHT - MARGIN.bottom} stroke="currentColor" strokeDasharray="2 4" />
      <text x={at} y={MARGIN.top - 8} textAnchor="middle" fontSize="12.5" fontWeight="600" fill="currentColor">
        sunset {clock}
      </text>
    </g>
  );
}

/** A reading is a ring; one that disagrees is struck through and says so. */
function Mark({ reading, x, y }: { readonly reading: ReadingData; readonly x: number; readonly y: number }) {
  return (
    <g>
      <circle cx={x} cy={y} r="6" fill="var(--raised)" stroke="var(--glow)" strokeWidth="2.5" />
      {reading.odd !== null && (
        <>
          <path d={`M${x - 9} ${y - 9}l18 18m0 -18l-18 18`} stroke="var(--alarm)" strokeWidth="2.5" />
          <text x={x + 13} y={y + 4} fontSize="12.5" fontWeight="600" fill="var(--alarm)">
            disagrees
          </text>
        </>
      )}
    </g>
  );
}

function inWords(curve: GlowCurveData, readings: readonly ReadingData[], { time }: Reader): string {
  const some = curve.points.filter((p) => p.at.endsWith(':00') && Number(p.at.slice(0, 2)) % 3 === 0);
  return `Glow of the room: ${some.map((p) => `${time(p.at)} EV ${p.ev.toFixed(1)} within ${p.doubt.toFixed(1)}`).join(', ')}. ${readings.length} readings on this evening.`;
}
