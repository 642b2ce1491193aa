import { memo } from 'react';
import { metres } from '@/lib/format';
import type { PointDocument, SectionDocument } from '@/types/generated';
import { useWidth } from './useWidth';

const TALLEST = 130;
const MARGIN = 16;

/** The same scene from above, whole and to scale: where a head turned sideways points. */
export const PlanView = memo(function PlanView({ section }: { readonly section: SectionDocument }) {
  const [box, width] = useWidth();
  const scale = Math.min((width - 2 * MARGIN) / section.length, TALLEST / section.width);
  const inset = (width - section.length * scale) / 2;
  // The camera looks to the right, so its left hand is up.
  const at = (point: PointDocument) => `${inset + point.x * scale},${4 + (section.width - point.y) * scale}`;
  const fan = section.rays.filter((ray) => ray.kind === 'fan');
  const axis = section.rays.filter((ray) => ray.kind !== 'fan');
  return (
    <figure className="pt-3">
      <div ref={box}>
        {width > 0 && (
          <svg width={width} height={section.width * scale + 8} role="img" aria-label={`Plan of the room, ${metres(section.length)} by ${metres(section.width)}`} className="block text-ink">
            <rect x={inset} y="4" width={section.length * scale} height={section.width * scale} fill="var(--raised)" stroke="currentColor" strokeWidth="1.5" strokeDasharray={section.openAbove ? '2 7' : undefined} />
            <polygon points={[section.head, ...fan.flatMap((ray) => ray.points.slice(1))].map(at).join(' ')} fill="var(--pop)" opacity="0.16" />
            {axis.map((ray) => (
              <polyline key={ray.kind} points={ray.points.map(at).join(' ')} fill="none" stroke="var(--pop)" strokeWidth="1.5" strokeDasharray={ray.kind === 'return' ? '6 3' : undefined} />
            ))}
            <Dot at={at(section.camera)} square />
            <Dot at={at(section.face)} square={false} />
          </svg>
        )}
      </div>
      <figcaption className="px-4 text-sm text-faint">From above: square the camera, dot the face.</figcaption>
    </figure>
  );
});

function Dot({ at, square }: { readonly at: string; readonly square: boolean }) {
  const [x = '0', y = '0'] = at.split(',');
  return square ? <rect x={Number(x) - 4} y={Number(y) - 4} width="8" height="8" fill="currentColor" /> : <circle cx={x} cy={y} r="4.5" fill="currentColor" />;
}
