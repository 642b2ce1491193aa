import { memo } from 'react';
import { stationOf, valueAt } from '@/lib/scale';
import { useMeasure } from '@/lib/useMeasure';
import { fields } from '@/types/generated';
import type { NumericField } from '@/ui/NumberField';
import type { InputProps } from '../session/editing';

/** EV of a step of the glow. */
const GLOW_STEP = 0.5;

interface Props extends Pick<InputProps, 'draft' | 'onChange' | 'faults'> {
  /** EV of the room, whichever way it is told. */
  readonly glow: number;
}

/** What changes most often through a night, in steps for a thumb. */
export const Steppers = memo(function Steppers({ draft, glow, faults, onChange }: Props) {
  const { distance } = draft.subject;
  const { height } = draft.room;
  const told = draft.glow.ev ?? glow;
  return (
    <section aria-label="In steps" className="grid gap-px border-b border-line bg-line">
      <Stepper field={fields['subject.distance']} value={distance} next={(by) => station(fields['subject.distance'], distance, by)} error={faults['subject.distance']} onStep={(next) => { onChange((before) => ({ ...before, subject: { ...before.subject, distance: next } })); }} />
      <Stepper field={fields['room.height']} value={height} next={(by) => station(fields['room.height'], height, by)} error={faults['room.height']} onStep={(next) => { onChange((before) => ({ ...before, room: { ...before.room, height: next } })); }} />
      <Stepper
        field={fields['glow.ev']}
        value={Math.round(told * 10) / 10}
        note={draft.glow.ev === null ? (draft.glow.metered === null ? 'by its curve; a step tells it by hand' : 'as metered; a step tells it as EV') : undefined}
        next={(by) => Math.min(fields['glow.ev'].max, Math.max(fields['glow.ev'].min, Math.round((told + by * GLOW_STEP) * 10) / 10))}
        error={faults['glow.ev']}
        onStep={(ev) => { onChange((before) => ({ ...before, glow: { ev, metered: null, curve: false } })); }}
      />
    </section>
  );
});

interface StepperProps {
  readonly field: NumericField;
  readonly value: number;
  /** What a step down or up leads to. */
  readonly next: (by: -1 | 1) => number;
  readonly onStep: (next: number) => void;
  readonly error: string | undefined;
  readonly note?: string | undefined;
}

function Stepper({ field, value, next, onStep, error, note }: StepperProps) {
  const { symbol, shown } = useMeasure(field);
  const step = (by: -1 | 1, sign: string, said: string) => (
    <button
      type="button"
      aria-label={`${field.label} ${said}`}
      disabled={next(by) === value}
      className="flex size-12 items-center justify-center rounded-md border border-edge bg-raised text-2xl leading-none font-medium hover:bg-sunk disabled:opacity-40"
      onClick={() => {
        onStep(next(by));
      }}
    >
      {sign}
    </button>
  );
  return (
    <div role="group" aria-label={field.label} className="flex items-center gap-3 bg-raised px-4 py-1">
      <span className="min-w-0 grow text-sm">
        <span className="font-medium">{field.label}</span>
        {note !== undefined && <span className="block text-xs text-faint">{note}</span>}
        {error !== undefined && <span className="block text-xs font-medium text-alarm">{error}</span>}
      </span>
      {step(-1, '−', 'down')}
      <output className="w-20 shrink-0 text-center font-head text-lg font-bold whitespace-nowrap">
        {symbol === 'EV' ? `EV ${shown(value)}` : `${shown(value)} ${symbol}`.trim()}
      </output>
      {step(1, '+', 'up')}
    </div>
  );
}

/** The next place on a ruler of lengths. */
function station({ min, max }: NumericField, value: number, by: -1 | 1): number {
  return valueAt(Math.max(0, stationOf(value, min) + by), min, max);
}
