import type { ComponentProps } from 'react';
import { Field, INPUT } from './Field';

interface Props extends Omit<ComponentProps<'input'>, 'onChange' | 'value'> {
  readonly label: string;
  readonly hint?: string;
  readonly error: string | undefined;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

export function TextField({ label, hint, error, value, onChange, ...rest }: Props) {
  return (
    <Field label={label} error={error} {...(hint === undefined ? {} : { hint })}>
      {(wires) => (
        <input
          {...wires}
          {...rest}
          className={INPUT}
          value={value}
          onChange={(event) => {
            onChange(event.target.value);
          }}
        />
      )}
    </Field>
  );
}
