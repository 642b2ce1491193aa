import { useState } from 'react';
import type { Faults } from '@/lib/http';
import { asList, asValues, changed, fresh, type FieldOf, type Form, type FormField, type Values } from '@/lib/shape';
import { Button } from './Button';
import { Choice } from './Choice';
import { Field, INPUT } from './Field';
import { TextField } from './TextField';

interface Props {
  readonly form: Form;
  readonly values: Values;
  readonly faults: Faults;
  /** Where these fields stand in the whole: "zoom.0". */
  readonly path?: string;
  /** Whether it is one of many alike: narrower, and after the first without hints. */
  readonly entry?: 'first' | 'further';
  readonly onChange: (values: Values) => void;
}

/** The fields of a record, as the server describes them. */
export function ShapeForm({ form, values, faults, path = '', entry, onChange }: Props) {
  const shown = form.filter(({ kind, when }) => kind !== 'hidden' && (when === null || values[when[0]] === when[1]));
  return (
    <div className={`grid items-start gap-x-4 gap-y-3.5 ${entry === undefined ? 'grid-cols-[repeat(auto-fill,minmax(min(100%,13rem),1fr))]' : 'grid-cols-[repeat(auto-fit,minmax(min(100%,8rem),1fr))]'}`}>
      {shown.map((described) => (entry === 'further' ? { ...described, hint: '' } : described)).map((field) => (
        <div key={field.name} className={isWide(field) ? 'col-span-full' : ''}>
          <Control
            field={field}
            value={values[field.name]}
            faults={faults}
            path={path === '' ? field.name : `${path}.${field.name}`}
            onChange={(value) => {
              onChange(changed(form, values, field.name, value));
            }}
          />
        </div>
      ))}
    </div>
  );
}

function isWide(field: FormField): boolean {
  return ['part', 'list', 'lines', 'choices'].includes(field.kind) || (field.kind === 'text' && field.most > 60);
}

interface ControlProps<F extends FormField = FormField> {
  readonly field: F;
  readonly value: unknown;
  readonly faults: Faults;
  readonly path: string;
  readonly onChange: (value: unknown) => void;
}

function Control(props: ControlProps) {
  const { field } = props;
  switch (field.kind) {
    case 'number':
      return <NumberBox {...props} field={field} />;
    case 'choice':
      return <One {...props} field={field} />;
    case 'choices':
      return <Some {...props} field={field} />;
    case 'flag':
      return <Flag {...props} />;
    case 'lines':
      return <Lines {...props} />;
    case 'part':
      return <Part {...props} field={field} />;
    case 'list':
      return <List {...props} field={field} />;
    case 'hidden':
      return null;
    default:
      return <Text {...props} />;
  }
}

function called(field: FormField): string {
  return field.optional ? `${field.label} (optional)` : field.label;
}

function hinted(field: FormField): { readonly hint?: string } {
  return field.hint === '' ? {} : { hint: field.hint };
}

/** Text that is no number goes to the server as it is, which says what is wrong with it. */
function NumberBox({ field, value, faults, path, onChange }: ControlProps<FieldOf<'number'>>) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typeof value === 'number' ? String(value).replace('-', '−') : typeof value === 'string' ? value : '';
  return (
    <Field label={called(field)} error={faults[path]} {...hinted(field)}>
      {(wires) => (
        <div className="relative">
          <input
            {...wires}
            className={`${INPUT} pr-18`}
            inputMode="decimal"
            value={typed ?? shown}
            onChange={(event) => {
              const plain = event.target.value.trim().replace('−', '-').replace(',', '.');
              setTyped(event.target.value);
              onChange(plain === '' ? undefined : Number.isNaN(Number(plain)) ? plain : Number(plain));
            }}
            onBlur={() => {
              setTyped(null);
            }}
          />
          <span aria-hidden className="pointer-events-none absolute inset-y-0 right-2.5 flex items-center text-sm text-faint">
            {field.unit.length > 10 ? field.unit.split(' ')[0] : field.unit}
          </span>
        </div>
      )}
    </Field>
  );
}

function One({ field, value, faults, path, onChange }: ControlProps<FieldOf<'choice'>>) {
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

function Some({ field, value, faults, path, onChange }: ControlProps<FieldOf<'choices'>>) {
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

function Flag({ field, value, faults, path, onChange }: ControlProps) {
  return (
    <div className="pt-6">
      <Check label={field.label} checked={value === true} onChange={onChange} />
      <Told fault={faults[path]} />
    </div>
  );
}

function Check({ label, checked, onChange }: { readonly label: string; readonly checked: boolean; readonly onChange: (on: boolean) => void }) {
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

function Lines({ field, value, faults, path, onChange }: ControlProps) {
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

const TYPES: Partial<Record<FormField['kind'], string>> = { date: 'date', time: 'time', 'datetime-local': 'datetime-local' };

function Text({ field, value, faults, path, onChange }: ControlProps) {
  return (
    <TextField
      label={called(field)}
      type={TYPES[field.kind] ?? 'text'}
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

function Part({ field, value, faults, path, onChange }: ControlProps<FieldOf<'part'>>) {
  const there = !field.optional || value !== undefined;
  return (
    <fieldset className="grid gap-3 rounded-md border border-line p-3">
      <legend className="px-1 text-sm font-medium">
        {field.optional ? (
          <Check
            label={field.label}
            checked={there}
            onChange={(on) => {
              onChange(on ? fresh(field.fields) : undefined);
            }}
          />
        ) : (
          field.label
        )}
      </legend>
      {there && <ShapeForm form={field.fields} values={asValues(value)} faults={faults} path={path} onChange={onChange} />}
      <Told fault={faults[path]} />
    </fieldset>
  );
}

function List({ field, value, faults, path, onChange }: ControlProps<FieldOf<'list'>>) {
  const entries = asList(value);
  return (
    <fieldset className="grid gap-3">
      <legend className="mb-1 font-head text-lg font-semibold">{field.label}</legend>
      {field.hint !== '' && <p className="text-sm text-faint">{field.hint}</p>}
      {entries.map((entry, i) => (
        <div key={i} role="group" aria-label={`${field.one} ${i + 1}`} className="grid gap-2 rounded-md border border-line p-3 sm:grid-cols-[1fr_auto]">
          <ShapeForm
            form={field.fields}
            values={entry}
            faults={faults}
            path={`${path}.${i}`}
            entry={i === 0 ? 'first' : 'further'}
            onChange={(next) => {
              onChange(entries.map((old, j) => (j === i ? next : old)));
            }}
          />
          <Button
            look="quiet"
            className="justify-self-end sm:mt-6 sm:self-start"
            aria-label={`Remove ${field.one} ${i + 1}`}
            onClick={() => {
              onChange(entries.filter((_, j) => j !== i));
            }}
          >
            Remove
          </Button>
          <Told fault={faults[`${path}.${i}`]} />
        </div>
      ))}
      <Told fault={faults[path]} />
      {entries.length < field.most && (
        <Button
          className="justify-self-start"
          onClick={() => {
            onChange([...entries, fresh(field.fields)]);
          }}
        >
          Add a {field.one}
        </Button>
      )}
    </fieldset>
  );
}

function Told({ fault }: { readonly fault: string | undefined }) {
  if (fault === undefined) return null;
  return (
    <p role="alert" className="text-sm font-medium text-alarm">
      {fault}
    </p>
  );
}
