import type { WhenKind } from './when';

interface FormOption {
  readonly value: string;
  readonly label: string;
}

/** A form as the server describes it, from the same description with which it reads what is sent. */
export type FormField = {
  readonly name: string;
  readonly label: string;
  readonly hint: string;
  readonly optional: boolean;
  /** Another field and the value it must have for this one to make sense. */
  readonly when: readonly [string, string] | null;
} & (
  | { readonly kind: 'number'; readonly min: number; readonly max: number; readonly step: number; readonly unit: string }
  | { readonly kind: 'choice'; readonly options: readonly FormOption[] }
  | { readonly kind: 'choices'; readonly options: readonly FormOption[] }
  | { readonly kind: 'text' | 'lines'; readonly most: number; readonly example?: string }
  | { readonly kind: WhenKind }
  | { readonly kind: 'zone' | 'hidden' | 'flag' }
  | { readonly kind: 'part'; readonly fields: Form }
  | { readonly kind: 'list'; readonly one: string; readonly most: number; readonly fields: Form }
);

export type Form = readonly FormField[];

export type FieldOf<K extends FormField['kind']> = Extract<FormField, { readonly kind: K }>;

/** Values by field; what was left out is not there. */
export type Values = Readonly<Record<string, unknown>>;

/** The same with one field changed; undefined leaves it out, and with it what made sense only beside its old value. */
export function changed(form: Form, values: Values, name: string, value: unknown): Values {
  const gone = form.filter((field) => field.when?.[0] === name && field.when[1] !== value).map((field) => field.name);
  if (value === undefined) gone.push(name);
  return Object.fromEntries(Object.entries({ ...values, [name]: value }).filter(([key]) => !gone.includes(key)));
}

/** What a new entry of a list starts with: the first of each closed set, the rest empty. */
export function fresh(form: Form): Values {
  return Object.fromEntries(form.filter((field) => !field.optional && field.kind === 'choice').map((field) => [field.name, 'options' in field ? field.options[0]?.value : undefined]));
}

export function asValues(value: unknown): Values {
  return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Values) : {};
}

export function asList(value: unknown): readonly Values[] {
  return Array.isArray(value) ? value.map(asValues) : [];
}
