import { Slider } from 'radix-ui';
import { useState } from 'react';
import { stationOf, stations, valueAt } from '@/lib/scale';
import { useMeasure } from '@/lib/useMeasure';
import { useNear } from '@/lib/useNear';
import { Field, INPUT } from './Field';

interface Range {
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly unit: string;
}

/** A number of a form, as the core describes it. */
export interface NumericField extends Range {
  readonly label: string;
  /** '' for none. */
  readonly hint: string;
}

interface Props {
  readonly field: NumericField;
  readonly value: number;
  /** NaN for text that is no number: the server says what is wrong with it. */
  readonly onChange: (value: number) => void;
  readonly error: string | undefined;
  /** Whether equal travel is an equal factor (lengths) or an equal step. */
  readonly travel?: 'factor' | 'step' | 'none';
  /** Told the values about the ruler's own, nearest first, when it is taken and as it goes on. */
  readonly onNear?: (values: readonly number[]) => void;
}

/** A number to type, with a ruler to slide where its range is worth sliding over. */
export function NumberField({ field, value, onChange, error, travel = 'none', onNear }: Props) {
  return (
    <Field label={field.label} error={error} {...(field.hint === '' ? {} : { hint: field.hint })}>
      {(wires) => (
        <div className="flex items-center gap-3">
          {travel !== 'none' && <Ruler field={field} value={value} onChange={onChange} travel={travel} onNear={onNear} />}
          <div className="relative w-28 shrink-0">
            <Typed wires={wires} field={field} value={value} onChange={onChange} />
          </div>
        </div>
      )}
    </Field>
  );
}

function Typed({ wires, field, value, onChange }: Pick<Props, 'field' | 'value' | 'onChange'> & { readonly wires: object }) {
  const { symbol, shown, valueOf, keys } = useMeasure(field);
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <>
      <input
        {...wires}
        className={`${INPUT} ${symbol === '' ? '' : 'pr-12'}`}
        inputMode={keys}
        value={typed ?? (Number.isNaN(value) ? '' : shown(value))}
        onChange={(event) => {
          setTyped(event.target.value);
          onChange(valueOf(event.target.value));
        }}
        onBlur={() => {
          if (typed !== null && !Number.isNaN(valueOf(typed))) setTyped(null);
        }}
      />
      <span aria-hidden className="pointer-events-none absolute inset-y-0 right-2.5 flex items-center text-sm text-faint">
        {symbol.split(' ')[0]}
      </span>
    </>
  );
}

interface RulerProps extends Pick<Props, 'field' | 'value' | 'onChange'> {
  readonly travel: 'factor' | 'step';
  readonly onNear: Props['onNear'] | undefined;
}

function Ruler({ field: range, value, onChange, travel, onNear }: RulerProps) {
  const { symbol, shown } = useMeasure(range);
  const byFactor = travel === 'factor';
  const steps = byFactor ? stations(range.min, range.max) : Math.round((range.max - range.min) / range.step);
  const at = Number.isNaN(value) ? 0 : byFactor ? stationOf(value, range.min) : Math.round((value - range.min) / range.step);
  const valueOf = (station: number) => (byFactor ? valueAt(station, range.min, range.max) : Number((range.min + station * range.step).toFixed(4)));
  const { taken, moved } = useNear((near) => {
    onNear?.(near.filter((station) => station >= 0 && station <= steps).map(valueOf));
  });
  return (
    <Slider.Root
      className="relative flex h-10 grow touch-none items-center"
      min={0}
      max={steps}
      step={1}
      value={[Math.max(0, Math.min(steps, at))]}
      onValueChange={([station = 0]) => {
        onChange(valueOf(station));
        moved(station);
      }}
      onFocus={() => {
        taken(at);
      }}
    >
      <Slider.Track className="relative h-1.5 grow rounded-full bg-line">
        <Slider.Range className="absolute h-full rounded-full bg-edge" />
      </Slider.Track>
      <Slider.Thumb
        aria-label={range.label}
        aria-valuetext={`${shown(value)} ${symbol}`.trim()}
        className="block h-6 w-3.5 rounded-sm border-2 border-raised bg-ink shadow"
      />
    </Slider.Root>
  );
}
