import type { LampData, SceneryData, SectionDocument } from '@/types/generated';
import type { Plot } from './plot';

/** lx from which a lamp or a window is drawn in full. */
const BRIGHT = 100;

interface Props {
  readonly section: SectionDocument;
  readonly scenery: SceneryData;
  readonly plot: Plot;
}

/** What gives the room its own light, and what stands behind the people: windows on their walls, lamps under the ceiling. */
export function Scenery({ section, scenery, plot }: Props) {
  const { x, z } = plot;
  const behind = x(section.behind.x);
  const people = section.face.z;
  return (
    <g>
      {scenery.windows.map((window) => {
        const opacity = 0.25 + 0.6 * shine(window.lux);
        const [top, sill] = [z(section.height * 0.8), z(section.height * 0.35)];
        if (window.wall === 'back' || window.wall === 'far') {
          const wall = x(window.wall === 'far' ? section.length : 0);
          return <line key={window.name} x1={wall} x2={wall} y1={top} y2={sill} stroke="var(--glow)" strokeWidth="7" strokeDasharray="7 2" opacity={opacity} />;
        }
        return <rect key={window.name} x={x(section.length / 3)} y={top} width={(section.length / 3) * plot.scale} height={sill - top} rx="5" fill="var(--glow)" opacity={opacity * 0.3} stroke="var(--glow)" />;
      })}
      {scenery.lamps.map((lamp, i) => (
        <Lamp key={lamp.name} lamp={lamp} section={section} plot={plot} at={(section.length * (i + 1)) / (scenery.lamps.length + 1)} />
      ))}
      <g stroke="currentColor" strokeDasharray="2 3" opacity="0.7">
        <line x1={behind} x2={behind} y1={z(people + 0.4)} y2={z(0)} />
      </g>
    </g>
  );
}

/** A group of lamps where one of them would hang, with three to its sides; rounder and fuller the brighter. */
function Lamp({ lamp, section, plot, at }: { readonly lamp: LampData; readonly section: SectionDocument; readonly plot: Plot; readonly at: number }) {
  const y = plot.z(Math.min(lamp.hangs ?? section.height * 0.82, section.height));
  const x = plot.x(at);
  const top = plot.z(section.height);
  return (
    <g opacity={0.35 + 0.65 * lamp.level}>
      {!section.openAbove && <line x1={x} x2={x} y1={top} y2={y} stroke="currentColor" opacity="0.5" />}
      <circle cx={x} cy={y} r={4 + 6 * shine(lamp.lux)} fill="var(--glow)" opacity="0.35" />
      <circle cx={x} cy={y} r="3.5" fill={lamp.level > 0 ? 'var(--glow)' : 'var(--raised)'} stroke="var(--glow)" />
    </g>
  );
}

/** 0 to 1 over the light that rooms have. */
function shine(lux: number): number {
  return Math.min(1, Math.log2(1 + Math.max(0, lux)) / Math.log2(1 + BRIGHT));
}
