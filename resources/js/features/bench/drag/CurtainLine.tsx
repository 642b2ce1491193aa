import { memo } from 'react';
import { scaleOf, ticks } from '@/charts/axis';
import { useWidth } from '@/charts/useWidth';
import type { CurtainDocument } from '@/types/generated';

const ROW = 40;
const LABELS = 74;

/** Both curtains on one line of time, from the finger on. */
export const CurtainLine = memo(function CurtainLine({ curtains, isOff }: { readonly curtains: readonly CurtainDocument[]; readonly isOff: boolean }) {
  const [box, width] = useWidth();
  const end = Math.max(...curtains.map((curtain) => curtain.closes));
  const x = scaleOf([0, end], [LABELS, width - 14]);
  const step = stepOf(end, width);
  const height = curtains.length * ROW + 34;
  return (
    <div ref={box}>
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={curtains.map((curtain) => described(curtain, isOff)).join(' ')} className="block text-ink">
          {ticks(0, end, step).map((at) => (
            <g key={at}>
              <line x1={x(at)} x2={x(at)} y1="0" y2={curtains.length * ROW} stroke="var(--line)" />
              <text x={x(at)} y={height - 18} fontSize="11.5" textAnchor="middle" fill="var(--faint)">
                {Number(at.toFixed(3))}
              </text>
            </g>
          ))}
          <text x={width - 2} y={height - 3} fontSize="11.5" textAnchor="end" fill="var(--faint)">
            s after the finger
          </text>
          {curtains.map((curtain, i) => (
            <g key={curtain.curtain} transform={`translate(0 ${i * ROW})`}>
              <text x="0" y="23" fontSize="13" fill="currentColor">
                {curtain.curtain === 'first' ? 'First' : 'Second'}
              </text>
              <rect x={x(curtain.opens)} y="9" width={Math.max(1, x(curtain.closes) - x(curtain.opens))} height="18" rx="9" fill="var(--glow-wash)" stroke="var(--glow)" />
              {!isOff && curtain.preflash !== null && <path d={`M${x(curtain.preflash)} 11v14`} stroke="var(--pop)" strokeWidth="2" strokeDasharray="3 2" />}
              {!isOff && <path d={`M${x(curtain.pops)} 3l6 15l-6 15l-6 -15Z`} fill="var(--pop)" />}
            </g>
          ))}
        </svg>
      )}
      <p className="text-sm text-faint">Bar: shutter open.{!isOff && ' Diamond: the pop.'}{!isOff && curtains.some((curtain) => curtain.preflash !== null) && ' Dashes: the measuring flash before it.'}</p>
    </div>
  );
});

function described({ curtain, opens, pops, closes, preflash }: CurtainDocument, isOff: boolean): string {
  const flash = isOff ? '' : `, ${preflash === null ? '' : `measuring flash at ${preflash.toFixed(2)} s, `}pop at ${pops.toFixed(2)} s`;
  return `${curtain === 'first' ? 'First' : 'Second'} curtain: open from ${opens.toFixed(2)} to ${closes.toFixed(2)} s after the finger${flash}.`;
}

/** A round step with room for its numbers. */
function stepOf(span: number, width: number): number {
  const least = (span * 60) / Math.max(120, width - LABELS);
  const decade = 10 ** Math.floor(Math.log10(least));
  return ([1, 2, 5].find((step) => step * decade >= least) ?? 10) * decade;
}
