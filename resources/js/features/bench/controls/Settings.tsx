import { memo, useState } from 'react';
import { ClickRule, Marks } from '@/charts/ClickRule';
import { percent } from '@/lib/format';
import type { Faults } from '@/lib/http';
import { useReader } from '@/lib/useReader';
import type { AimDocument, ControlDocument, LocksDraft, SolutionDocument } from '@/types/generated';

interface Props {
  readonly solution: SolutionDocument;
  /** Whether these are from before a change that could not be answered. */
  readonly stale: boolean;
  readonly busy: boolean;
  /** Whether the rules are folded away until somebody wants to turn them. */
  readonly isFolded: boolean;
  readonly locks: LocksDraft;
  readonly faults: Faults;
  readonly onHold: Hold;
  /** Told what may be held next. */
  readonly onNear: (next: readonly Partial<LocksDraft>[]) => void;
}

type Hold = (locks: Partial<LocksDraft>) => void;

/** What to set, in the order in which the hands do it: camera, head, output. */
export const Settings = memo(function Settings({ solution, stale, busy, isFolded, locks, faults, onHold, onNear }: Props) {
  const { length } = useReader();
  const [isOpen, setOpen] = useState(false);
  const ruled = !isFolded || isOpen;
  const held = (field: keyof LocksDraft) => ({ field, ruled, held: locks[field] !== null, fault: faults[`look.locks.${field}`], onHold, onNear });
  return (
    <section aria-labelledby="settings" aria-busy={busy} className={`grid gap-px border-y border-line bg-line md:grid-cols-5 lg:grid-cols-3 xl:grid-cols-5 ${ruled ? 'grid-cols-2' : 'grid-cols-6'} ${stale ? 'outline-2 -outline-offset-2 outline-alarm outline-dashed' : ''}`}>
      <h2 id="settings" className="sr-only">
        Settings
      </h2>
      <p role="status" className="sr-only">
        {busy ? '' : inASentence(solution)}
      </p>
      <Control name="Shutter" control={solution.shutter} unit={solution.shutter.label.startsWith('1/') ? 's' : ''} {...held('shutter')} />
      <Control name="Aperture" control={solution.aperture} unit="" note={`sharp from ${length(solution.sharpFrom)} ${solution.sharpTo === null ? 'on' : `to ${length(solution.sharpTo)}`}`} {...held('aperture')} />
      <Control name="ISO" control={solution.iso} unit="" {...held('iso')} />
      <Head head={solution.head} zoom={solution.head.aim === 'off' ? null : solution.zoom} ruled={ruled} />
      <Control name="Flash output" control={solution.output} unit="" ruled={ruled} className={ruled ? 'max-md:col-span-2' : ''} />
      {isFolded && (
        <button
          type="button"
          aria-expanded={isOpen}
          className="col-span-full flex min-h-11 items-center justify-center gap-2 bg-raised text-sm font-medium"
          onClick={() => {
            setOpen(!isOpen);
          }}
        >
          {isOpen ? 'Only the settings' : 'Hold or turn a setting'}
          <span aria-hidden className="text-faint">{isOpen ? '▴' : '▾'}</span>
        </button>
      )}
    </section>
  );
});

interface ControlProps {
  readonly name: string;
  readonly control: ControlDocument;
  readonly unit: string;
  readonly className?: string;
  /** Whether its rule is shown. */
  readonly ruled: boolean;
  /** A figure that belongs to it. */
  readonly note?: string;
  /** What it is called among the locks; missing where it always follows. */
  readonly field?: keyof LocksDraft;
  readonly held?: boolean;
  readonly fault?: string | undefined;
  readonly onHold?: Hold;
  readonly onNear?: Props['onNear'];
}

const Control = memo(function Control({ name, control, unit, ruled, className = '', note, field, held = false, fault, onHold, onNear }: ControlProps) {
  /** Holds it at a click, or with null lets it follow again. */
  const hold = (label: string | null) => {
    if (field !== undefined) onHold?.({ [field]: label });
  };
  const near = (labels: readonly string[]) => {
    if (field !== undefined) onNear?.(labels.map((label) => ({ [field]: label })));
  };
  return (
    <div className={`grid content-start gap-1 bg-raised px-3 ${ruled ? 'py-2.5' : 'col-span-2 py-1.5'} ${className}`}>
      <div className={`flex items-center justify-between ${ruled ? 'min-h-7' : ''}`}>
        <h3 className="text-sm font-medium text-faint">{name}</h3>
        {field !== undefined && ruled && (
          <button
            type="button"
            aria-pressed={held}
            aria-label={`Hold ${name}`}
            className="rounded border border-edge px-1.5 py-0.5 text-xs font-medium aria-pressed:bg-ink aria-pressed:text-ground"
            onClick={() => {
              hold(held ? null : control.label);
            }}
          >
            {held ? 'Held' : 'Hold'}
          </button>
        )}
      </div>
      <p className="font-head text-2xl font-bold" data-testid={name}>
        {control.label} {unit !== '' && <span className="text-base font-medium">{unit}</span>}
      </p>
      <p className={`text-sm ${ruled ? '' : 'leading-tight'} ${fault === undefined ? 'text-faint' : 'font-medium text-alarm'}`}>{fault ?? control.boundInWords}</p>
      {ruled && control.ticks.length > 0 && (
        <>
          <ClickRule name={name} control={control} onTurn={field === undefined ? undefined : hold} onNear={near} />
          <Marks control={control} />
          <Role name={name} control={control} />
        </>
      )}
      {ruled && note !== undefined && <p className="text-sm">{note}</p>}
    </div>
  );
});

/** How much of the room and of the face the control moves, whichever light does it. */
function Role({ name, control }: { readonly name: string; readonly control: ControlDocument }) {
  const bars = [
    { what: 'room', share: control.movesRoom },
    { what: 'face', share: control.movesPerson },
  ];
  return (
    <div role="img" aria-label={`A stop of ${name} moves the room by ${control.movesRoom.toFixed(1)} and the face by ${control.movesPerson.toFixed(1)} stops`} className="grid gap-0.5 text-xs text-faint">
      {bars.map(({ what, share }) => (
        <span key={what} aria-hidden className="grid grid-cols-[2.2rem_1fr_1.6rem] items-center gap-1.5">
          {what}
          <span className="h-1.5 bg-sunk">
            <span className="block h-full bg-edge" style={{ width: percent(share).replace(' ', '') }} />
          </span>
          <span className="text-right">{share.toFixed(1)}</span>
        </span>
      ))}
    </div>
  );
}

function Head({ head, zoom, ruled }: { readonly head: AimDocument; readonly zoom: number | null; readonly ruled: boolean }) {
  return (
    <div className={`grid content-start gap-1 bg-raised px-3 lg:col-span-2 xl:col-span-1 ${ruled ? 'py-2.5' : 'col-span-4 py-1.5'}`}>
      <h3 className="text-sm font-medium text-faint">Head</h3>
      <p className="font-head text-2xl leading-tight font-bold" data-testid="Head">
        {head.label}
      </p>
      <p className="text-sm text-faint">{head.instruction}</p>
      {zoom !== null && <p className="text-sm">zoom {Math.round(zoom)} mm</p>}
    </div>
  );
}

/** What a change has led to, for those who hear it: one sentence, once the answer stands. */
function inASentence({ shutter, aperture, iso, output, head, feasible, shortfalls }: SolutionDocument): string {
  const flash = head.aim === 'off' ? 'flash off' : `output ${output.label}, ${head.label.toLowerCase()}`;
  return `${shutter.label}, ${aperture.label}, ISO ${iso.label}, ${flash}. ${feasible ? '' : shortfalls[0]?.sentence ?? ''}`.trim();
}
