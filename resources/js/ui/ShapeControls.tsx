import { useState } from 'react';
import type { Faults } from '@/lib/http';
import type { FieldOf, FormField } from '@/lib/shape';
import { useMeasure } from '@/lib/useMeasure';
import type { WhenKind } from '@/lib/when';
import { Choice } from './Choice';
import { Field, INPUT } from './Field';
import { TextField } from './TextField';
import { WhenField } from './WhenField';

export interface ControlProps<F extends FormField = FormField> {
  readonly field: F;
  readonly value: unknown;
  readonly faults: Faults;
  readonly path: string;
  readonly onChange: (value: unknown) => void;
}

function called(field: FormField): string {
  return field.optional ? `${field.label} (optional)` : field.label;
}

function hinted(field: FormField): { readonly hint?: string } {
  return field.hint === '' ? {} : { hint: field.hint };
}

/** Text that is no number goes to the server as it is, which says what is wrong with it. */
export function NumberBox({ field, value, faults, path, onChange }: ControlProps<FieldOf<'number'>>) {
  const { symbol, shown, valueOf, keys } = useMeasure(field);
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Field label={called(field)} error={faults[path]} {...hinted(field)}>
      {(wires) => (
        <div className="relative">
          <input
            {...wires}
            className={`${INPUT} ${symbol === '' ? '' : 'pr-18'}`}
            inputMode={keys}
            value={typed ?? (typeof value === 'number' ? shown(value) : typeof value === 'string' ? value : '')}
            onChange={(event) => {
              const text = event.target.value;
              setTyped(text);
              onChange(text.trim() === '' ? undefined : Number.isNaN(valueOf(text)) ? text.trim() : valueOf(text));
            }}
            onBlur={() => {
              setTyped(null);
            }}
          />
          <span aria-hidden className="pointer-events-none absolute inset-y-0 right-2.5 flex items-center text-sm text-faint">
            {symbol.length > 10 ? symbol.split(' ')[0] : symbol}
          </span>
        </div>
      )}
    </Field>
  );
}

export function One({ field, value, faults, path, onChange }: ControlProps<FieldOf<'choice'>>) {
  const unset = typeof value !== 'string';
  const options = field.optional || unset ? [{ value: '', label: field.optional ? 'not said' : 'choose …' }, ...field.options] : field.options;
  return (
    <Choice
      label={field.label}
      options={options}
      value={unset ? '' : value}
      error={faults[path]}
      onChange={(next) => {
        onChange(next === '' ? undefined : next);
      }}
    />
  );
}

export function Some({ field, value, faults, path, onChange }: ControlProps<FieldOf<'choices'>>) {
  const chosen = Array.isArray(value) ? (value as readonly unknown[]) : [];
  return (
    <fieldset className="grid gap-1">
      <legend className="text-sm font-medium">{called(field)}</legend>
      <div className="flex flex-wrap gap-x-5">
        {field.options.map((option) => (
          <Check
            key={option.value}
            label={option.label}
            checked={chosen.includes(option.value)}
            onChange={(on) => {
              onChange(field.options.map((o) => o.value).filter((v) => (v === option.value ? on : chosen.includes(v))));
            }}
          />
        ))}
      </div>
      <Told fault={faults[path]} />
    </fieldset>
  );
}

export function Flag({ field, value, faults, path, onChange }: ControlProps) {
  return (
    <div className="pt-6">
      <Check label={field.label} checked={value === true} onChange={onChange} />
      <Told fault={faults[path]} />
    </div>
  );
}

export function Check({ label, checked, onChange }: { readonly label: string; readonly checked: boolean; readonly onChange: (on: boolean) => void }) {
  return (
    <label className="flex min-h-10 items-center gap-2">
      <input
        type="checkbox"
        className="size-5 accent-ink"
        checked={checked}
        onChange={(event) => {
          onChange(event.target.checked);
        }}
      />
      {label}
    </label>
  );
}

export function Lines({ field, value, faults, path, onChange }: ControlProps) {
  return (
    <Field label={called(field)} error={faults[path]} {...hinted(field)}>
      {(wires) => (
        <textarea
          {...wires}
          rows={3}
          className={`${INPUT} py-2`}
          value={typeof value === 'string' ? value : ''}
          onChange={(event) => {
            onChange(event.target.value === '' ? undefined : event.target.value);
          }}
        />
      )}
    </Field>
  );
}

export function When({ field, value, faults, path, onChange }: ControlProps<FieldOf<WhenKind>>) {
  return (
    <WhenField
      kind={field.kind}
      label={called(field)}
      {...hinted(field)}
      error={faults[path]}
      value={typeof value === 'string' ? value : ''}
      onChange={(next) => {
        onChange(next === '' ? undefined : next);
      }}
    />
  );
}

export function Text({ field, value, faults, path, onChange }: ControlProps) {
  return (
    <TextField
      label={called(field)}
      {...('example' in field ? { placeholder: `like ${field.example ?? ''}` } : {})}
      {...(field.kind === 'zone' ? { list: 'zones' } : {})}
      {...hinted(field)}
      error={faults[path]}
      value={typeof value === 'string' || typeof value === 'number' ? String(value) : ''}
      onChange={(next) => {
        onChange(next === '' ? undefined : next);
      }}
    />
  );
}

/** The names of time zones that this device knows, once on a page, for fields to suggest. */
export function Zones() {
  return (
    <datalist id="zones">
      {Intl.supportedValuesOf('timeZone').map((zone) => (
        <option key={zone} value={zone} />
      ))}
    </datalist>
  );
}

export function Told({ fault }: { readonly fault: string | undefined }) {
  if (fault === undefined) return null;
  return (
    <p role="alert" className="text-sm font-medium text-alarm">
      {fault}
    </p>
  );
}
