import { Select } from 'radix-ui';
import { Field, INPUT } from './Field';

export interface Option {
  readonly value: string;
  readonly label: string;
  readonly detail?: string;
}

interface Props {
  readonly label: string;
  readonly options: readonly Option[];
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
}

/** One of a closed set. */
export function Choice({ label, options, value, onChange, error }: Props) {
  return (
    <Field label={label} error={error}>
      {(wires) => (
        <Select.Root value={value} onValueChange={onChange}>
          <Select.Trigger {...wires} className={`${INPUT} flex items-center justify-between gap-2 text-left`}>
            <span className="truncate">
              <Select.Value />
            </span>
            <Select.Icon aria-hidden className="text-faint">
              ▾
            </Select.Icon>
          </Select.Trigger>
          <Select.Portal>
            <Select.Content position="popper" sideOffset={4} className="z-30 max-h-(--radix-select-content-available-height) min-w-(--radix-select-trigger-width) overflow-hidden rounded-md border border-edge bg-raised shadow-lg">
              <Select.Viewport className="p-1">
                {options.map((option) => (
                  <Select.Item key={option.value} value={option.value} className="grid min-h-9 content-center rounded px-2.5 py-1 outline-none data-highlighted:bg-sunk data-[state=checked]:font-semibold">
                    <Select.ItemText>{option.label}</Select.ItemText>
                    {option.detail !== undefined && <span className="text-sm font-normal text-faint">{option.detail}</span>}
                  </Select.Item>
                ))}
              </Select.Viewport>
            </Select.Content>
          </Select.Portal>
        </Select.Root>
      )}
    </Field>
  );
}
