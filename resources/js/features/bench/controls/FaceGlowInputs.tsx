import { memo } from 'react';
import { fields, lampKinds, type FaceGlowDraft, type Hold, type LampKind } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import { Switcher } from '@/ui/Switcher';
import type { InputProps } from '../session/editing';
import { MeteredInputs } from './MeteredInputs';

type Way = 'even' | 'over' | 'lamps' | 'ev' | 'metered';

const WAYS: readonly { readonly value: Way; readonly label: string }[] = [
  { value: 'even', label: 'the same as behind them' },
  { value: 'over', label: 'other by so many stops' },
  { value: 'lamps', label: 'as such lamps usually give' },
  { value: 'ev', label: 'told as EV' },
  { value: 'metered', label: 'told as metered' },
];

const HOLDS: readonly { readonly value: Hold; readonly label: string }[] = [
  { value: 'background', label: 'Hold background' },
  { value: 'face', label: 'Hold face' },
];

const NOTHING: FaceGlowDraft = { over: null, lamps: null, ev: null, metered: null };

const WAY_IN: Readonly<Record<Way, FaceGlowDraft | null>> = {
  even: null,
  over: { ...NOTHING, over: -2 },
  lamps: { ...NOTHING, lamps: 'chandelier' },
  ev: { ...NOTHING, ev: 4 },
  metered: { ...NOTHING, metered: { shutter: '1/30', aperture: 'f/2.8', iso: '1600' } },
};

interface Props extends Pick<InputProps, 'bench' | 'faults' | 'onChange' | 'ahead'> {
  readonly onFace: FaceGlowDraft | null;
  readonly hold: Hold;
  readonly bodyId: number;
}

/** The room's light on the face, where it is not the one behind, and which of both is held. */
export const FaceGlowInputs = memo(function FaceGlowInputs({ bench, onFace, hold, bodyId, faults, onChange, ahead }: Props) {
  const body = bench.bodies.find((choice) => choice.gear.id === bodyId) ?? bench.bodies[0];
  const set = (next: FaceGlowDraft | null) => {
    onChange((before) => ({ ...before, onFace: next }));
  };
  const near = (values: readonly FaceGlowDraft[]) => {
    ahead(values.map((next) => (before) => ({ ...before, onFace: next })));
  };
  const way = wayOf(onFace);
  return (
    <>
      <Choice label="Room’s light on faces" options={WAYS} value={way} error={faults['onFace']} onChange={(value) => { set(WAY_IN[value as Way]); }} />
      {(way === 'over' || way === 'ev') && (
        <NumberField
          field={fields[`onFace.${way}`]}
          travel="step"
          value={onFace?.[way] ?? NaN}
          error={faults[`onFace.${way}`]}
          onNear={(values) => { near(values.map((value) => ({ ...NOTHING, [way]: value }))); }}
          onChange={(value) => { set({ ...NOTHING, [way]: value }); }}
        />
      )}
      {bench.spots.length > 0 && (
        <ul className="grid gap-1" aria-label="Spots of this room where light on people was read">
          {bench.spots.map(({ spot, over, sentence }) => (
            <li key={spot}>
              <Button className="w-full justify-start py-2 text-left whitespace-normal!" aria-pressed={onFace?.over === over} onClick={() => { set({ ...NOTHING, over }); }}>
                As read at {sentence}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {way === 'lamps' && (
        <Choice
          label={fields['onFace.lamps'].label}
          options={Object.entries(lampKinds).map(([value, label]) => ({ value, label, detail: fields['onFace.lamps'].hint }))}
          value={onFace?.lamps ?? ''}
          error={faults['onFace.lamps']}
          onChange={(value) => { set({ ...NOTHING, lamps: value as LampKind }); }}
        />
      )}
      {onFace?.metered != null && body !== undefined && (
        <MeteredInputs label="Metered at the face" body={body} metered={onFace.metered} at="onFace.metered" faults={faults} onChange={(metered) => { set({ ...NOTHING, metered }); }} />
      )}
      {way !== 'even' && (
        <Switcher
          label={fields['look.hold'].label}
          options={HOLDS}
          value={hold}
          onChange={(value) => { onChange((before) => ({ ...before, look: { ...before.look, hold: value } })); }}
        />
      )}
    </>
  );
});

function wayOf(onFace: FaceGlowDraft | null): Way {
  if (onFace === null) return 'even';
  if (onFace.lamps !== null) return 'lamps';
  if (onFace.metered !== null) return 'metered';
  return onFace.ev === null ? 'over' : 'ev';
}
