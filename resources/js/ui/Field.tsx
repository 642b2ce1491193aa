import { useId, type ReactNode } from 'react';

/** What a labelled control needs to know to be understood by eye and by ear. */
interface FieldWires {
  readonly id: string;
  readonly 'aria-describedby': string | undefined;
  readonly 'aria-invalid': boolean;
}

interface Props {
  readonly label: string;
  readonly hint?: string;
  readonly error: string | undefined;
  readonly children: (wires: FieldWires) => ReactNode;
}

/** A label, its control, and the sentence that says what is wrong with it. */
export function Field({ label, hint, error, children }: Props) {
  const id = useId();
  const said = error ?? hint;
  return (
    <div className="grid gap-1">
      <label htmlFor={id} className="text-sm font-medium">
        {label}
      </label>
      {children({ id, 'aria-describedby': said === undefined ? undefined : `${id}-said`, 'aria-invalid': error !== undefined })}
      {said !== undefined && (
        <p id={`${id}-said`} className={`text-sm ${error === undefined ? 'text-faint' : 'font-medium text-alarm'}`} role={error === undefined ? undefined : 'alert'}>
          {said}
        </p>
      )}
    </div>
  );
}

export const INPUT =
  'min-h-10 w-full rounded-md border border-edge bg-raised px-2.5 text-ink aria-invalid:border-2 aria-invalid:border-alarm';
