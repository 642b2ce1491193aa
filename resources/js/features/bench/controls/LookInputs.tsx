import { memo } from 'react';
import { keptThings, fields, schools, usual, type BodyChoice, type KeepDraft, type KeptThing, type LocksDraft, type LookDraft, type MomentDraft, type School } from '@/types/generated';
import type { Faults } from '@/lib/http';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import { Switcher } from '@/ui/Switcher';
import type { InputProps } from '../session/editing';
import { labels, MeteredInputs } from './MeteredInputs';

const WAYS = [
  { value: 'stops', label: 'In stops' },
  { value: 'keep', label: 'Keep this light' },
] as const;

const FLASH = [
  { value: 'on', label: 'With flash' },
  { value: 'off', label: 'Without' },
] as const;

const LEVELS = [
  { value: 'ev', label: 'As EV' },
  { value: 'metered', label: 'As metered' },
] as const;

/** Candles, told either way: 1/500 at f/2.8 and ISO 400 is EV 10. */
const LEVEL_IN: Record<(typeof LEVELS)[number]['value'], Pick<KeepDraft, 'ev' | 'metered'>> = {
  ev: { ev: usual.keptEv, metered: null },
  metered: { ev: null, metered: { shutter: '1/500', aperture: 'f/2.8', iso: '400' } },
};

const NONE: LocksDraft = { shutter: null, aperture: null, iso: null };

interface Props extends Pick<InputProps, 'bench' | 'faults' | 'onChange' | 'settings' | 'isOff' | 'ahead'> {
  readonly look: LookDraft;
  readonly bodyId: number;
  readonly lensId: number;
}

export const LookInputs = memo(function LookInputs({ bench, look, bodyId, lensId, faults, onChange, settings, isOff, ahead }: Props) {
  const looking = (part: Partial<LookDraft>) => (before: MomentDraft): MomentDraft => ({ ...before, look: { ...before.look, ...part } });
  const set = (part: Partial<LookDraft>) => {
    onChange(looking(part));
  };
  const near = (parts: readonly Partial<LookDraft>[]) => {
    ahead(parts.map(looking));
  };
  /** Free hand begins with what is set, all of it held; the others begin free. */
  const schooled = (value: string): Partial<LookDraft> => {
    const school = value as School;
    return { school, locks: school === 'free-hand' ? settings : look.school === 'free-hand' ? NONE : look.locks };
  };
  const lens = bench.lenses.find((choice) => choice.gear.id === lensId);
  const body = bench.bodies.find((choice) => choice.gear.id === bodyId);
  const apertures = (body?.step === 'half' ? lens?.halves : lens?.thirds) ?? [];
  return (
    <>
      <Switcher
        label="How bright the room"
        options={WAYS}
        value={look.keep === null ? 'stops' : 'keep'}
        onChange={(way) => {
          set({ keep: way === 'stops' ? null : { what: 'candles', ...LEVEL_IN.ev } });
        }}
      />
      {look.keep === null ? (
        <NumberField
          field={fields['look.roomUnder']}
          travel="step"
          value={look.roomUnder}
          error={faults['look.roomUnder']}
          onNear={(values) => {
            near(values.map((roomUnder) => ({ roomUnder })));
          }}
          onChange={(roomUnder) => {
            set({ roomUnder });
          }}
        />
      ) : (
        <Keep
          keep={look.keep}
          body={body}
          faults={faults}
          onChange={(keep) => {
            set({ keep });
          }}
          onNear={(kept) => {
            near(kept.map((keep) => ({ keep })));
          }}
        />
      )}
      <Choice
        label={fields['look.school'].label}
        options={Object.entries(schools).map(([value, words]) => ({ value, ...words }))}
        value={look.school}
        error={faults['look.school']}
        onNear={(values) => {
          near(values.map(schooled));
        }}
        onChange={(value) => {
          set(schooled(value));
        }}
      />
      <Choice
        label={fields['look.aperture'].label}
        options={labels(apertures, look.aperture)}
        value={look.aperture}
        error={faults['look.aperture']}
        onNear={(values) => {
          near(values.map((aperture) => ({ aperture })));
        }}
        onChange={(aperture) => {
          set({ aperture });
        }}
      />
      <Switcher
        label="Flash"
        options={FLASH}
        value={look.withoutFlash ? 'off' : 'on'}
        onChange={(flash) => {
          set({ withoutFlash: flash === 'off' });
        }}
      />
      {isOff && !look.withoutFlash && <p className="text-sm text-faint">The house forbids flash at this hour, so it stays off.</p>}
      <NumberField
        field={fields['look.fill']}
        value={look.fill}
        error={faults['look.fill']}
        onChange={(fill) => {
          set({ fill });
        }}
      />
    </>
  );
});

interface KeepProps {
  readonly keep: KeepDraft;
  readonly body: BodyChoice | undefined;
  readonly faults: Faults;
  readonly onChange: (keep: KeepDraft) => void;
  readonly onNear: (near: readonly KeepDraft[]) => void;
}

/** The brightest thing that must hold detail, and what a spot meter reads on it. */
function Keep({ keep, body, faults, onChange, onNear }: KeepProps) {
  return (
    <>
      <Choice
        label={fields['look.keep.what'].label}
        options={Object.entries(keptThings).map(([value, label]) => ({ value, label }))}
        value={keep.what}
        error={faults['look.keep.what']}
        onChange={(what) => {
          onChange({ ...keep, what: what as KeptThing });
        }}
      />
      <fieldset className="grid gap-2">
        <legend className="mb-1 text-sm font-medium">What a spot meter reads on it</legend>
        <Switcher
          label="How its level is told"
          options={LEVELS}
          value={keep.metered === null ? 'ev' : 'metered'}
          onChange={(way) => {
            onChange({ ...keep, ...LEVEL_IN[way] });
          }}
        />
        {keep.metered === null && (
          <NumberField
            field={fields['look.keep.ev']}
            travel="step"
            value={keep.ev ?? NaN}
            error={faults['look.keep.ev']}
            onNear={(values) => {
              onNear(values.map((ev) => ({ ...keep, ev })));
            }}
            onChange={(ev) => {
              onChange({ ...keep, ev });
            }}
          />
        )}
        {keep.metered !== null && body !== undefined && (
          <MeteredInputs
            label="Metered on it"
            body={body}
            metered={keep.metered}
            at="look.keep.metered"
            faults={faults}
            onChange={(metered) => {
              onChange({ ...keep, metered });
            }}
          />
        )}
      </fieldset>
    </>
  );
}
