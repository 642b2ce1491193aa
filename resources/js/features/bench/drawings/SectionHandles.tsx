import { useReader } from '@/lib/useReader';
import { fields, type SectionDocument } from '@/types/generated';
import { Handle, type Move } from './Handle';
import type { Plot } from './plot';

export type SectionMoves = Readonly<Record<'subject' | 'camera' | 'ceiling' | 'tilt', (from: SectionDocument) => (move: Move) => void>>;

/** px from the head to the handle that points it. */
const ARM = 40;

/** What can be moved in the section, each where it is drawn. */
export function SectionHandles({ section, plot, onMove }: { readonly section: SectionDocument; readonly plot: Plot; readonly onMove: SectionMoves }) {
  const { length, grid } = useReader();
  const { x, z, scale } = plot;
  const { camera, face, head, pointing, height } = section;
  const flat = Math.hypot(pointing.x, pointing.z);
  const along = flat > 0.05 ? pointing.x / flat : 0;
  const up = flat > 0.05 ? pointing.z / flat : 1;
  const take = (what: keyof SectionMoves) => () => onMove[what](section);
  const tilt = Math.round((Math.asin(pointing.z) * 180) / Math.PI);
  return (
    <>
      <Handle name="the camera" value={camera.x} range={fields['camera.fromBackWall']} text={`${length(camera.x)} from the wall behind, ${length(camera.z)} high`} x={x(camera.x)} y={z(camera.z * 0.7)} scale={scale} step={grid} onTake={take('camera')} />
      <Handle name="the subject" value={face.x - camera.x} range={fields['subject.distance']} text={`${length(face.x - camera.x)} from the camera, face ${length(face.z)} high`} x={x(face.x)} y={z(face.z * 0.3)} scale={scale} step={grid} onTake={take('subject')} />
      {!section.openAbove && (
        <Handle name="the ceiling" value={height} range={fields['room.height']} text={`${length(height)} high`} x={Math.min(x(face.x) + ARM, x(plot.to) - 20)} y={z(height)} scale={scale} step={grid} onTake={take('ceiling')} />
      )}
      {/* The arm is drawn ARM px long and stands for a metre, whatever the scale. */}
      <Handle name="the head" value={tilt} range={fields['pointing.tilt']} text={`tilted ${tilt}°`} x={x(head.x) + along * ARM} y={z(head.z) - up * ARM} scale={ARM} step={0.1} onTake={take('tilt')} />
    </>
  );
}
