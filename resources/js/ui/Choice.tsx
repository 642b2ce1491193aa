import { Field, INPUT } from './Field';

export interface Option {
  readonly value: string;
  readonly label: string;
  /** Said below the field while this one is chosen. */
  readonly detail?: string;
}

interface Props {
  readonly label: string;
  readonly options: readonly Option[];
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
  /** Told what can be chosen, nearest first, when it is about to be. */
  readonly onNear?: (values: readonly string[]) => void;
}

/** One of a closed set; the device's own list, which a thumb in the dark knows. */
export function Choice({ label, options, value, onChange, error, onNear }: Props) {
  const detail = options.find((option) => option.value === value)?.detail;
  return (
    <Field label={label} error={error} {...(detail === undefined ? {} : { hint: detail })}>
      {(wires) => (
        <select
          {...wires}
          className={`${INPUT} pr-6`}
          value={value}
          onFocus={() => {
            onNear?.(nearest(options, value));
          }}
          onChange={(event) => {
            onChange(event.target.value);
          }}
        >
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.label}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

function nearest(options: readonly Option[], value: string): readonly string[] {
  const at = options.findIndex((option) => option.value === value);
  return options
    .map((option, i) => ({ value: option.value, away: Math.abs(i - at) }))
    .sort((a, b) => a.away - b.away)
    .map((option) => option.value);
}
