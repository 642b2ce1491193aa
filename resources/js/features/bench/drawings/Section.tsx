import { memo, useId } from 'react';
import { signed } from '@/lib/format';
import type { Reader } from '@/lib/reader';
import { useReader } from '@/lib/useReader';
import type { LevelsDocument, RayDocument, SceneryData, SectionDocument } from '@/types/generated';
import { MARGIN, plotOf, polyline, type Plot } from './plot';
import { Scenery } from './Scenery';
import { SectionHandles, type SectionMoves } from './SectionHandles';
import { useWidth } from '@/charts/useWidth';

interface Props {
  readonly section: SectionDocument;
  readonly levels: LevelsDocument;
  readonly roomName: string;
  readonly scenery: SceneryData;
  readonly onMove: SectionMoves;
}

/** The room cut open along the line from camera to subject, to scale. */
export const Section = memo(function Section({ section, levels, roomName, scenery, onMove }: Props) {
  const reader = useReader();
  const [box, width] = useWidth();
  const clip = useId();
  return (
    <figure>
      <div ref={box} className="relative">
        {width > 0 && (
          <>
            <Drawing section={section} levels={levels} scenery={scenery} plot={plotOf(section, width)} width={width} clip={clip} />
            <SectionHandles section={section} plot={plotOf(section, width)} onMove={onMove} />
          </>
        )}
      </div>
      <figcaption className="px-4 text-sm text-faint">
        {roomName} in section, to scale: {reader.length(section.length)} long, {reader.length(section.width)} wide
        {section.openAbove ? ', nothing overhead' : `, ${tall(section, reader)}`}. Behind the people: {section.behindInWords}. {glow(scenery)}
      </figcaption>
    </figure>
  );
});

interface DrawingProps {
  readonly section: SectionDocument;
  readonly scenery: SceneryData;
  readonly levels: LevelsDocument;
  readonly plot: Plot;
  readonly width: number;
  readonly clip: string;
}

function Drawing({ section, levels, scenery, plot, width, clip }: DrawingProps) {
  const reader = useReader();
  const height = MARGIN.top + section.highest * plot.scale + MARGIN.bottom;
  const inside = { x: plot.x(plot.from), y: plot.z(section.highest), width: plot.x(plot.to) - plot.x(plot.from), height: section.highest * plot.scale };
  const air = polyline([...section.ceiling, { ...section.backdrop, z: 0 }, { ...section.backdrop, x: 0, z: 0 }], plot);
  return (
    <svg width={width} height={height} role="img" aria-label={inWords(section, levels, reader)} className="block text-ink">
      <defs>
        <clipPath id={clip}>
          <rect x={inside.x - 6} y={inside.y - 6} width={inside.width + 12} height={inside.height + 12} />
        </clipPath>
        <pattern id={`${clip}-glow`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="7" stroke="var(--glow)" strokeWidth="1.4" strokeLinecap="round" opacity="0.35" />
        </pattern>
      </defs>
      <g clipPath={`url(#${clip})`}>
        <polygon points={air} fill="var(--raised)" />
        <polygon points={air} fill={`url(#${clip}-glow)`} strokeLinejoin="round" />
        <Scenery section={section} scenery={scenery} plot={plot} />
        <Beam section={section} plot={plot} />
        <Shell section={section} plot={plot} />
        <Backdrop section={section} levels={levels} plot={plot} />
        <Person section={section} plot={plot} />
        <Camera section={section} plot={plot} />
      </g>
      <Cuts section={section} plot={plot} />
      <FaceLabel section={section} levels={levels} plot={plot} />
      <Measures section={section} plot={plot} />
    </svg>
  );
}

function Shell({ section, plot }: { readonly section: SectionDocument; readonly plot: Plot }) {
  const { x, z } = plot;
  const left = x(0);
  const right = x(section.length);
  const floor = z(0);
  const roof = polyline(section.ceiling, plot);
  const walls = { left: z(section.ceiling[0]?.z ?? section.height), right: z(section.ceiling.at(-1)?.z ?? section.height) };
  return (
    <g fill="none" stroke="currentColor" strokeWidth="2">
      <line x1={left} y1={floor} x2={right} y2={floor} strokeWidth="3" />
      <path d={`M${left} ${floor}V${walls.left}M${right} ${floor}V${walls.right}`} {...(section.openAbove ? { strokeDasharray: '2 7', opacity: 0.5 } : {})} />
      {!section.openAbove && <polyline points={roof} strokeLinejoin="round" />}
      {section.ridge === 'along' && <line x1={left} x2={right} y1={z(section.height)} y2={z(section.height)} strokeWidth="1" strokeDasharray="6 4" opacity="0.6" />}
    </g>
  );
}

function Beam({ section, plot }: { readonly section: SectionDocument; readonly plot: Plot }) {
  const fan = section.rays.filter((ray) => ray.kind === 'fan');
  const outline = [section.head, ...fan.flatMap((ray) => ray.points.slice(1))];
  return (
    <g>
      <polygon points={polyline(outline, plot)} fill="var(--pop)" opacity="0.13" />
      {section.rays.map((ray, i) => (
        <Ray key={i} ray={ray} plot={plot} />
      ))}
      {section.pools.map((pool, i) => (
        <line
          key={i}
          x1={plot.x(pool.from.x)}
          y1={plot.z(pool.from.z)}
          x2={plot.x(pool.to.x)}
          y2={plot.z(pool.to.z)}
          stroke="var(--pop)"
          strokeWidth="9"
          shapeRendering="crispEdges"
          opacity={pool.strength}
        />
      ))}
    </g>
  );
}

const STROKES = {
  axis: { strokeWidth: 2, opacity: 0.9 },
  fan: { strokeWidth: 1, opacity: 0.2 },
  return: { strokeWidth: 1.5, opacity: 0.9, strokeDasharray: '6 3' },
} as const;

function Ray({ ray, plot }: { readonly ray: RayDocument; readonly plot: Plot }) {
  return <polyline points={polyline(ray.points, plot)} fill="none" stroke="var(--pop)" {...STROKES[ray.kind]} />;
}

function Camera({ section, plot }: { readonly section: SectionDocument; readonly plot: Plot }) {
  const x = plot.x(section.camera.x);
  const lens = plot.z(section.camera.z);
  const head = { x: plot.x(section.head.x), z: plot.z(section.head.z) };
  const floor = plot.z(0);
  const turn = (Math.atan2(-section.pointing.z, section.pointing.x) * 180) / Math.PI;
  return (
    <g>
      <Figure x={x - 7} floor={floor} top={lens - plot.scale * 0.12} scale={plot.scale} opacity={0.35} />
      <rect x={x - 7} y={lens - 5} width="11" height="10" fill="currentColor" />
      <rect x={x + 4} y={lens - 3} width="6" height="6" fill="currentColor" />
      <g transform={`translate(${head.x} ${head.z}) rotate(${turn})`}>
        <path d="M-5 -5H3L7 -7V7L3 5H-5Z" fill="var(--pop)" stroke="var(--raised)" strokeWidth="1" />
      </g>
    </g>
  );
}

function Person({ section, plot }: { readonly section: SectionDocument; readonly plot: Plot }) {
  return (
    <g>
      {section.rows.map((row) => (
        <Figure key={row.x} x={plot.x(row.x)} floor={plot.z(0)} top={plot.z(row.z)} scale={plot.scale} opacity={0.35} />
      ))}
      <Figure x={plot.x(section.face.x)} floor={plot.z(0)} top={plot.z(section.face.z)} scale={plot.scale} opacity={1} />
    </g>
  );
}

/** A person whose face is at `top`. */
function Figure({ x, floor, top, scale, opacity }: { readonly x: number; readonly floor: number; readonly top: number; readonly scale: number; readonly opacity: number }) {
  const head = Math.max(3, scale * 0.12);
  const wide = Math.max(4, scale * 0.2);
  const shoulders = top + head * 1.6;
  return (
    <g fill="currentColor" opacity={opacity}>
      <circle cx={x} cy={top} r={head} />
      <path d={`M${x - wide} ${floor}V${shoulders + wide}Q${x - wide} ${shoulders} ${x} ${shoulders}Q${x + wide} ${shoulders} ${x + wide} ${shoulders + wide}V${floor}Z`} />
    </g>
  );
}

function FaceLabel({ section, levels, plot }: { readonly section: SectionDocument; readonly levels: LevelsDocument; readonly plot: Plot }) {
  const x = plot.x(section.face.x) + Math.max(8, plot.scale * 0.28);
  const room = plot.x(plot.to) - x > 96;
  return (
    <Label x={room ? x : plot.x(section.face.x) - Math.max(8, plot.scale * 0.28)} y={plot.z(section.face.z) + 4} anchor={room ? 'start' : 'end'}>
      face {signed(levels.face)}
    </Label>
  );
}

function Backdrop({ section, levels, plot }: { readonly section: SectionDocument; readonly levels: LevelsDocument; readonly plot: Plot }) {
  const x = plot.x(section.length);
  const end = Math.min(x, plot.x(plot.to));
  const near = plot.x(section.face.x) > end - 200;
  return (
    <g>
      <rect x={x - 3} y={plot.z(section.backdrop.z) - 7} width="6" height="14" fill="currentColor" />
      {!near && (
        <Label x={end - 10} y={plot.z(section.backdrop.z) + 4} anchor="end">
          backdrop {signed(levels.backdrop)}
        </Label>
      )}
    </g>
  );
}

/** Where a long room does not fit, its ends are cut off, and the drawing says so. */
function Cuts({ section, plot }: { readonly section: SectionDocument; readonly plot: Plot }) {
  const cuts = [...(plot.from > 0 ? [plot.from] : []), ...(plot.to < section.length - 0.001 ? [plot.to] : [])];
  return (
    <g stroke="currentColor" fill="none">
      {cuts.map((cut) => (
        <line key={cut} x1={plot.x(cut)} x2={plot.x(cut)} y1={plot.z(section.highest) - 6} y2={plot.z(0) + 6} strokeDasharray="9 3 2 3" />
      ))}
    </g>
  );
}

function Measures({ section, plot }: { readonly section: SectionDocument; readonly plot: Plot }) {
  const { length } = useReader();
  const y = plot.z(0) + 14;
  const from = plot.x(section.camera.x);
  const to = plot.x(section.face.x);
  const left = plot.x(plot.from) - 12;
  const top = plot.z(section.height);
  return (
    <g stroke="currentColor" fill="none" strokeWidth="1">
      <path d={`M${from} ${y - 4}V${y + 4}M${from} ${y}H${to}M${to} ${y - 4}V${y + 4}`} />
      <Label x={(from + to) / 2} y={y + 15} anchor="middle">
        {length(section.face.x - section.camera.x)}
      </Label>
      {!section.openAbove && (
        <>
          <path d={`M${left - 4} ${top}H${left + 4}M${left} ${top}V${plot.z(0)}M${left - 4} ${plot.z(0)}H${left + 4}`} />
          <g transform={`rotate(-90 ${left - 9} ${(top + plot.z(0)) / 2})`}>
            <Label x={left - 9} y={(top + plot.z(0)) / 2} anchor="middle">
              {length(section.height)}
            </Label>
          </g>
        </>
      )}
    </g>
  );
}

function Label({ x, y, anchor, children }: { readonly x: number; readonly y: number; readonly anchor: 'start' | 'middle' | 'end'; readonly children: React.ReactNode }) {
  return (
    <text x={x} y={y} textAnchor={anchor} fontSize="12.5" fontWeight="600" fill="currentColor" stroke="var(--raised)" strokeWidth="3" paintOrder="stroke">
      {children}
    </text>
  );
}

/** "3.1 m high", "4 m to the eaves, 8 m to the ridge". */
function tall(section: SectionDocument, { length }: Reader): string {
  return section.ridge === null ? `${length(section.height)} high` : `${length(section.height)} to the eaves, ${length(section.highest)} to the ridge`;
}

/** "Lanterns 60 lx, windows 3 lx." */
function glow({ windows, lamps }: SceneryData): string {
  const parts = [...lamps, ...windows].map(({ name, lux }) => `${name} ${lux < 10 ? String(Math.round(lux * 10) / 10) : String(Math.round(lux))} lx`);
  return parts.length === 0 ? '' : `Its glow then: ${parts.join(', ')}.`;
}

function inWords(section: SectionDocument, levels: LevelsDocument, reader: Reader): string {
  const above = section.openAbove ? 'nothing overhead' : tall(section, reader);
  return `Section of the room: ${above}, subject ${reader.length(section.face.x - section.camera.x)} from the camera, face ${signed(levels.face)} stops, backdrop ${signed(levels.backdrop)} stops.`;
}
