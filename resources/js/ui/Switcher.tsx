import { ToggleGroup } from 'radix-ui';

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly value: T;
  readonly onChange: (value: T) => void;
}

/** Two or three ways to do the same thing. */
export function Switcher<T extends string>({ label, options, value, onChange }: Props<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => {
        const chosen = options.find((option) => option.value === next);
        if (chosen !== undefined) onChange(chosen.value);
      }}
      className="flex flex-wrap rounded-md border border-edge bg-raised p-0.5"
    >
      {options.map((option) => (
        <ToggleGroup.Item key={option.value} value={option.value} className="min-h-9 grow rounded px-2 text-sm font-medium data-[state=on]:bg-ink data-[state=on]:text-ground">
          {option.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
