import { memo } from 'react';
import { limits, type GlowDraft, type MeteredDraft } from '@/types/generated';
import { Choice, type Option } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import { Switcher } from '@/ui/Switcher';
import { TextLink } from '@/ui/TextLink';
import type { InputProps } from './Inputs';

const WAYS = [
  { value: 'ev', label: 'As EV' },
  { value: 'metered', label: 'As metered' },
  { value: 'curve', label: 'By its curve' },
] as const;

const WAY_IN: Record<(typeof WAYS)[number]['value'], GlowDraft> = {
  ev: { ev: 4, metered: null, curve: false },
  metered: { ev: null, metered: { shutter: '1/30', aperture: 'f/2.8', iso: '1600' }, curve: false },
  curve: { ev: null, metered: null, curve: true },
};

interface Props extends Pick<InputProps, 'bench' | 'faults' | 'onChange' | 'ahead'> {
  readonly glow: GlowDraft;
  readonly bodyId: number;
}

/** The glow, told as EV, as the exposure that a meter gave for it, or by the curve of the room. */
export const GlowInputs = memo(function GlowInputs({ bench, glow, bodyId, faults, onChange, ahead }: Props) {
  const body = bench.bodies.find((choice) => choice.gear.id === bodyId) ?? bench.bodies[0];
  const { ev, metered, curve } = glow;
  const set = (next: GlowDraft) => {
    onChange((before) => ({ ...before, glow: next }));
  };
  return (
    <fieldset className="grid gap-2">
      <legend className="mb-1 text-sm font-medium">Glow of the room</legend>
      <Switcher
        label="How the glow is told"
        options={WAYS}
        value={curve ? 'curve' : metered === null ? 'ev' : 'metered'}
        onChange={(way) => {
          set(way === 'ev' ? { ...WAY_IN.ev, ev: Math.round(bench.curve.ev * 10) / 10 } : WAY_IN[way]);
        }}
      />
      {metered === null && !curve && (
        <NumberField
          label="Glow at ISO 100"
          range={limits['glow.ev']}
          travel="step"
          value={ev ?? NaN}
          error={faults['glow.ev']}
          onNear={(values) => {
            ahead(values.map((near) => (before) => ({ ...before, glow: { ev: near, metered: null, curve: false } })));
          }}
          onChange={(value) => {
            set({ ev: value, metered: null, curve: false });
          }}
        />
      )}
      {metered !== null && body !== undefined && (
        <div className="grid grid-cols-3 gap-2">
          <Metered field="shutter" label="Shutter" options={body.shutters} {...{ metered, faults, set }} />
          <Metered field="aperture" label="Aperture" options={body.apertures} {...{ metered, faults, set }} />
          <Metered field="iso" label="ISO" options={body.isos} {...{ metered, faults, set }} />
        </div>
      )}
      {curve && (
        <p>
          EV {bench.curve.ev.toFixed(1).replace('-', '−')} ± {bench.curve.doubt.toFixed(1)} at {bench.curve.at}, about {bench.curve.kelvin} K. It moves with time, sun and
          dimmers; see{' '}
          <TextLink href={`/rooms/${bench.roomId}`}>{bench.roomName}</TextLink>.
        </p>
      )}
      {faults['glow.metered'] !== undefined && (
        <p role="alert" className="text-sm font-medium text-alarm">
          {faults['glow.metered']}
        </p>
      )}
    </fieldset>
  );
});

interface MeteredProps {
  readonly field: keyof MeteredDraft;
  readonly label: string;
  readonly options: readonly string[];
  readonly metered: MeteredDraft;
  readonly faults: InputProps['faults'];
  readonly set: (glow: GlowDraft) => void;
}

function Metered({ field, label, options, metered, faults, set }: MeteredProps) {
  return (
    <Choice
      label={label}
      options={labels(options, metered[field])}
      value={metered[field]}
      error={faults[`glow.metered.${field}`]}
      onChange={(value) => {
        set({ ev: null, metered: { ...metered, [field]: value }, curve: false });
      }}
    />
  );
}

/** The clicks to choose from, with the one in use even where another body's scale lacks it. */
export function labels(options: readonly string[], inUse: string): readonly Option[] {
  const all = options.includes(inUse) ? options : [inUse, ...options];
  return all.map((label) => ({ value: label, label }));
}
