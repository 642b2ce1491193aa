import type { Faults } from '@/lib/http';
import { asList, asValues, changed, fresh, type FieldOf, type Form, type FormField, type Values } from '@/lib/shape';
import { Button } from './Button';
import { Check, Flag, Lines, NumberBox, One, Some, Text, Told, When, type ControlProps } from './ShapeControls';

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
        <div key={field.name} className={isWide(field) ? 'col-span-full' : field.kind === 'datetime-local' ? 'col-span-2' : ''}>
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
    case 'date':
    case 'time':
    case 'datetime-local':
      return <When {...props} field={field} />;
    case 'hidden':
      return null;
    default:
      return <Text {...props} />;
  }
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
