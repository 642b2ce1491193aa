import { memo } from 'react';
import { useReader } from '@/lib/useReader';
import { fields, type PointDocument, type SceneryData, type SectionDocument } from '@/types/generated';
import { Handle, type Move } from './Handle';
import { useWidth } from '@/charts/useWidth';

const TALLEST = 130;
const MARGIN = 16;

/** px from the head to the handle that turns it. */
const ARM = 34;

interface Props {
  readonly section: SectionDocument;
  readonly scenery: SceneryData;
  readonly onMove: { readonly turn: (from: SectionDocument) => (move: Move) => void };
}

/** The same scene from above, whole and to scale: where a head turned sideways points. */
export const PlanView = memo(function PlanView({ section, scenery, onMove }: Props) {
  const { length } = useReader();
  const [box, width] = useWidth();
  const scale = Math.min((width - 2 * MARGIN) / section.length, TALLEST / section.width);
  const inset = (width - section.length * scale) / 2;
  // The camera looks to the right, so its left hand is up.
  const x = (along: number) => inset + along * scale;
  const y = (across: number) => 4 + (section.width - across) * scale;
  const at = (point: PointDocument) => `${x(point.x)},${y(point.y)}`;
  const level = Math.hypot(section.pointing.x, section.pointing.y);
  const way = level > 0.05 ? { along: section.pointing.x / level, left: section.pointing.y / level } : { along: 1, left: 0 };
  const fan = section.rays.filter((ray) => ray.kind === 'fan');
  const axis = section.rays.filter((ray) => ray.kind !== 'fan');
  return (
    <figure className="pt-3">
      <div ref={box} className="relative">
        {width > 0 && (
          <>
            <svg width={width} height={section.width * scale + 8} role="img" aria-label={`Plan of the room, ${length(section.length)} by ${length(section.width)}`} className="block text-ink">
              <rect x={inset} y="4" width={section.length * scale} height={section.width * scale} fill="var(--raised)" stroke="currentColor" strokeWidth="1.5" strokeDasharray={section.openAbove ? '2 7' : undefined} />
              <polygon points={[section.head, ...fan.flatMap((ray) => ray.points.slice(1))].map(at).join(' ')} fill="var(--pop)" opacity="0.16" />
              {axis.map((ray) => (
                <polyline key={ray.kind} points={ray.points.map(at).join(' ')} fill="none" stroke="var(--pop)" strokeWidth="1.5" strokeDasharray={ray.kind === 'return' ? '6 3' : undefined} />
              ))}
              {scenery.windows.map((window) => (
                <path key={window.name} d={pane(window.wall, section, x, y)} stroke="var(--glow)" strokeWidth="5" strokeDasharray="6 2" opacity={window.lux > 1 ? 1 : 0.45} />
              ))}
              {scenery.lamps.map((lamp, i) => (
                <circle key={lamp.name} cx={x((section.length * (i + 1)) / (scenery.lamps.length + 1))} cy={y(section.width * 0.8)} r="5" fill="var(--glow)" stroke="var(--glow)" fillOpacity={0.15 + 0.6 * lamp.level} />
              ))}
              <line x1={x(section.behind.x)} x2={x(section.behind.x)} y1={y(section.width * 0.8)} y2={y(section.width * 0.2)} stroke="currentColor" strokeDasharray="2 3" />
              {section.rows.map((row) => (
                <circle key={row.x} cx={x(row.x)} cy={y(row.y)} r="3" fill="currentColor" opacity="0.5" />
              ))}
              <Dot at={at(section.camera)} square />
              <Dot at={at(section.face)} square={false} />
            </svg>
            <Handle name="the head, from above" value={degrees(section.pointing)} range={fields['pointing.turn']} text={turned(degrees(section.pointing))} x={x(section.head.x) + way.along * ARM} y={y(section.head.y) - way.left * ARM} scale={ARM} step={0.1} onTake={() => onMove.turn(section)} />
          </>
        )}
      </div>
      <figcaption className="px-4 text-sm text-faint">From above: square the camera, dot the face, dashes what is behind; the small ring turns the head.</figcaption>
    </figure>
  );
});

function Dot({ at, square }: { readonly at: string; readonly square: boolean }) {
  const [x = '0', y = '0'] = at.split(',');
  return square ? <rect x={Number(x) - 4} y={Number(y) - 4} width="8" height="8" fill="currentColor" /> : <circle cx={x} cy={y} r="4.5" fill="currentColor" />;
}

/** The middle third of a wall. */
function pane(wall: string, { length, width }: SectionDocument, x: (along: number) => number, y: (across: number) => number): string {
  if (wall === 'back' || wall === 'far') return `M${x(wall === 'far' ? length : 0)} ${y(width / 3)}V${y((2 * width) / 3)}`;
  return `M${x(length / 3)} ${y(wall === 'left' ? width : 0)}H${x((2 * length) / 3)}`;
}

function degrees({ x, y }: PointDocument): number {
  return Math.round((Math.atan2(y, x) * 180) / Math.PI);
}

function turned(turn: number): string {
  return turn === 0 ? 'straight ahead' : `turned ${Math.abs(turn)}° ${turn > 0 ? 'left' : 'right'}`;
}
