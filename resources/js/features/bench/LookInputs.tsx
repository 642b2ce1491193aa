import { limits } from '@/types/generated';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import { labels } from './GlowInputs';
import type { InputProps } from './Inputs';

export function LookInputs({ bench, draft, faults, onChange }: InputProps) {
  const lens = bench.lenses.find((choice) => choice.gear.id === draft.lensId);
  const body = bench.bodies.find((choice) => choice.gear.id === draft.bodyId);
  const apertures = (body?.step === 'half' ? lens?.halves : lens?.thirds) ?? [];
  return (
    <>
      <NumberField
        label="Room reads under metered by"
        hint="0 as metered, 1 to 2 lets people stand out, more is drama."
        range={limits['look.roomUnder']}
        travel="step"
        value={draft.look.roomUnder}
        error={faults['look.roomUnder']}
        onChange={(roomUnder) => {
          onChange({ ...draft, look: { ...draft.look, roomUnder } });
        }}
      />
      <Choice
        label="Aperture you like here"
        options={labels(apertures, draft.look.aperture)}
        value={draft.look.aperture}
        error={faults['look.aperture']}
        onChange={(aperture) => {
          onChange({ ...draft, look: { ...draft.look, aperture } });
        }}
      />
    </>
  );
}
