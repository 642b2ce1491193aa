import { useRef, useState } from 'react';
import { useReader } from '@/lib/useReader';
import { shownWhen, storedWhen, type WhenKind } from '@/lib/when';
import { Field, INPUT } from './Field';

interface Props {
  readonly kind: WhenKind;
  readonly label: string;
  readonly hint?: string;
  readonly error: string | undefined;
  /** As it is stored; '' for none. */
  readonly value: string;
  /** Told when the field is left: as it is stored, or what was typed where it cannot be understood. */
  readonly onChange: (value: string) => void;
}

const LIKE: Readonly<Record<WhenKind, string>> = { time: '19:30', date: '2027-09-18', 'datetime-local': '2027-09-18T19:30' };

/** A time or a day, told by the account's clock and taken in any way that leaves no doubt; days also from a calendar. */
export function WhenField({ kind, label, hint, error, value, onChange }: Props) {
  const { time } = useReader();
  const [typed, setTyped] = useState<string | null>(null);
  const take = () => {
    if (typed !== null && storedWhen(kind, typed) !== value) onChange(storedWhen(kind, typed));
    setTyped(null);
  };
  return (
    <Field label={label} error={error} {...(hint === undefined ? {} : { hint })}>
      {(wires) => (
        <div className="relative">
          <input
            {...wires}
            className={`${INPUT} ${kind === 'time' ? '' : 'pr-11'}`}
            autoComplete="off"
            placeholder={`like ${shownWhen(kind, LIKE[kind], time)}`}
            value={typed ?? shownWhen(kind, value, time)}
            onChange={(event) => {
              setTyped(event.target.value);
            }}
            onBlur={take}
            onKeyDown={(event) => {
              if (event.key === 'Enter') take();
            }}
          />
          {kind !== 'time' && <Calendar kind={kind} value={value} onChange={onChange} />}
        </div>
      )}
    </Field>
  );
}

/** Opens the calendar of the browser. */
function Calendar({ kind, value, onChange }: Pick<Props, 'kind' | 'value' | 'onChange'>) {
  const native = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={native}
        type={kind}
        tabIndex={-1}
        aria-hidden
        className="pointer-events-none absolute right-0 bottom-0 size-px opacity-0"
        value={value}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
      <button
        type="button"
        aria-label="Calendar"
        className="absolute inset-y-0 right-0 grid w-10 place-items-center rounded-md text-faint hover:text-ink"
        onClick={() => {
          native.current?.showPicker();
        }}
      >
        <svg aria-hidden width="18" height="18" viewBox="0 0 18 18" fill="none" stroke="currentColor" strokeWidth="1.5">
          <path d="M2.5 4h13v11.5h-13zM2.5 7.5h13M6 2v3M12 2v3" />
        </svg>
      </button>
    </>
  );
}
