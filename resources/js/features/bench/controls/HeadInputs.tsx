import { memo } from 'react';
import { fields, type MomentDraft, type SolutionDocument } from '@/types/generated';
import { NumberField } from '@/ui/NumberField';
import { Switcher } from '@/ui/Switcher';
import type { InputProps } from '../session/editing';

interface Props extends Pick<InputProps, 'faults' | 'onChange' | 'ahead'>, Pick<MomentDraft, 'head' | 'pointing' | 'zoom'> {
  /** Where head and zoom stand now. */
  readonly inUse: SolutionDocument['head'];
  readonly zoomInUse: number;
}

const WHOSE = [
  { value: 'advice', label: 'As advised' },
  { value: 'choice', label: 'One of these' },
  { value: 'hand', label: 'Turned by hand' },
] as const;

const ZOOMS = [
  { value: 'follows', label: 'Zoom follows' },
  { value: 'hand', label: 'Zoom by hand' },
] as const;

/** Who points the head, and where a head turned by hand and its zoom stand. */
export const HeadInputs = memo(function HeadInputs({ head, pointing, zoom, inUse, zoomInUse, faults, onChange, ahead }: Props) {
  const byHand = pointing ?? { turn: inUse.turn ?? 0, tilt: inUse.tilt ?? 0 };
  const pointed = (next: NonNullable<Props['pointing']>) => (before: MomentDraft): MomentDraft => ({ ...before, head: 'by-hand', pointing: next });
  const point = (next: NonNullable<Props['pointing']>) => {
    onChange(pointed(next));
  };
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        <Switcher
          label="Who points the head"
          options={WHOSE}
          value={head === null ? 'advice' : head === 'by-hand' ? 'hand' : 'choice'}
          onChange={(whose) => {
            if (whose === 'hand') point(byHand);
            else onChange((before) => ({ ...before, head: whose === 'advice' ? null : inUse.aim === 'by-hand' ? 'up' : inUse.aim, pointing: null }));
          }}
        />
        <Switcher
          label="Who sets the zoom"
          options={ZOOMS}
          value={zoom === null ? 'follows' : 'hand'}
          onChange={(whose) => {
            onChange((before) => ({ ...before, zoom: whose === 'hand' ? Math.round(zoomInUse) : null }));
          }}
        />
      </div>
      <div className="grid gap-3 empty:hidden @lg:grid-cols-3">
        {head === 'by-hand' && (
          <>
            <NumberField field={fields['pointing.turn']} travel="step" value={byHand.turn} error={faults['pointing.turn']} onNear={(near) => { ahead(near.map((turn) => pointed({ ...byHand, turn }))); }} onChange={(turn) => { point({ ...byHand, turn }); }} />
            <NumberField field={fields['pointing.tilt']} travel="step" value={byHand.tilt} error={faults['pointing.tilt']} onNear={(near) => { ahead(near.map((tilt) => pointed({ ...byHand, tilt }))); }} onChange={(tilt) => { point({ ...byHand, tilt }); }} />
          </>
        )}
        {zoom !== null && (
          <NumberField field={fields.zoom} value={zoom} error={faults['zoom']} onChange={(next) => { onChange((before) => ({ ...before, zoom: next })); }} />
        )}
      </div>
      <p className="text-sm text-faint">The zoom stands at {Math.round(zoomInUse)} mm. Drag the ring beside the head in the drawings to turn it.</p>
    </div>
  );
});
