import { memo } from 'react';
import { useReader } from '@/lib/useReader';
import { fields, type GlowDraft } from '@/types/generated';
import { NumberField } from '@/ui/NumberField';
import { Switcher } from '@/ui/Switcher';
import { TextLink } from '@/ui/TextLink';
import type { InputProps } from '../session/editing';
import { MeteredInputs } from './MeteredInputs';

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
  const { time } = useReader();
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
          field={fields['glow.ev']}
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
        <MeteredInputs
          label="Metered in the room"
          body={body}
          metered={metered}
          at="glow.metered"
          faults={faults}
          onChange={(next) => {
            set({ ev: null, metered: next, curve: false });
          }}
        />
      )}
      {curve && (
        <p>
          EV {bench.curve.ev.toFixed(1).replace('-', '−')} ± {bench.curve.doubt.toFixed(1)} at {time(bench.curve.at)}, about {bench.curve.kelvin} K. It moves with time, sun and
          dimmers; see{' '}
          <TextLink href={`/rooms/${bench.roomId}`}>{bench.roomName}</TextLink>.
        </p>
      )}
    </fieldset>
  );
});
