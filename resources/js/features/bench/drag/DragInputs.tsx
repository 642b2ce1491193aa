import { memo, useRef, useState } from 'react';
import type { Faults } from '@/lib/http';
import { changed, type Form, type Values } from '@/lib/shape';
import type { DragDraft, MomentDraft } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { ShapeForm } from '@/ui/ShapeForm';
import type { Editing } from '../session/editing';
import { dragged } from './editing';

interface Props extends Pick<Editing, 'faults' | 'onChange'> {
  readonly form: Form;
  readonly drag: DragDraft | null;
}

const GROUPS: readonly (readonly [string, readonly (keyof DragDraft)[]])[] = [
  ['Who moves', ['movement', 'speed', 'heading']],
  ['The camera', ['camera', 'angle', 'ratio', 'moveSeconds', 'seconds', 'tripod']],
  ['The flash', ['curtain', 'beats', 'wireless']],
  ['Focus without looking', ['focus', 'zoneFrom', 'zoneTo']],
  ['Behind them', ['crowdSpeed']],
];

/** ms after which taps begin a new count. */
const FORGOTTEN = 3000;

/** What moves: people, camera, lamps behind. */
export const DragInputs = memo(function DragInputs({ form, drag, faults, onChange }: Props) {
  const values = filledIn(drag);
  const of = Object.fromEntries(Object.entries(faults).flatMap(([field, told]) => (field.startsWith('drag.') ? [[field.slice(5), told]] : []))) as Faults;
  const set = (next: Values) => {
    onChange((before: MomentDraft) => dragged(next)({ ...before, drag: null }));
  };
  return (
    <div className="grid gap-5">
      {GROUPS.map(([title, names]) => (
        <fieldset key={title} className="grid gap-2">
          <legend className="mb-1.5 font-semibold">{title}</legend>
          <ShapeForm form={form.filter((field) => (names as readonly string[]).includes(field.name) && isOf(field.name, values['camera']))} values={values} faults={of} onChange={set} />
          {title === 'The flash' && (
            <Tap
              onBeats={(beats) => {
                set(changed(form, values, 'beats', beats));
              }}
            />
          )}
        </fieldset>
      ))}
      <Fold level="h3" title={lampsOf(drag)} forced={Object.keys(of).some((field) => field.startsWith('lamps'))}>
        <ShapeForm form={form.filter((field) => field.name === 'lamps')} values={values} faults={of} onChange={set} />
      </Fold>
    </div>
  );
});

function lampsOf(drag: DragDraft | null): string {
  const count = drag?.lamps.length ?? 0;
  return count === 0 ? 'Lamps behind: none yet' : count === 1 ? 'One lamp behind' : `${count} lamps behind`;
}

/** Whether a field of a move belongs to this one. */
function isOf(field: string, camera: unknown): boolean {
  const moves = camera !== undefined && camera !== 'still';
  if (field === 'angle') return moves && camera !== 'zoom';
  if (field === 'ratio') return camera === 'zoom';
  return field !== 'moveSeconds' || moves;
}

/** What is said, without what is left out. */
function filledIn(drag: DragDraft | null): Values {
  return Object.fromEntries(Object.entries(drag ?? {}).filter(([, value]) => value !== null));
}

/** The beat of the music, by finger or by key. */
function Tap({ onBeats }: { readonly onBeats: (beats: number) => void }) {
  const taps = useRef<number[]>([]);
  const [told, setTold] = useState('');
  return (
    <p className="flex flex-wrap items-center gap-3">
      <Button
        onClick={() => {
          const now = performance.now();
          const before = taps.current.filter((tap, i, all) => now - (all[all.length - 1] ?? tap) < FORGOTTEN);
          taps.current = [...before, now].slice(-9);
          const gaps = taps.current.length - 1;
          if (gaps < 3) {
            setTold(gaps === 0 ? 'Go on tapping with the music.' : `${3 - gaps} more.`);
            return;
          }
          const beats = Math.max(30, Math.min(240, Math.round((60_000 * gaps) / (now - (taps.current[0] ?? now)))));
          setTold(`${beats} beats a minute.`);
          onBeats(beats);
        }}
      >
        Tap the beat
      </Button>
      <span role="status" className="text-sm text-faint">
        {told}
      </span>
    </p>
  );
}
