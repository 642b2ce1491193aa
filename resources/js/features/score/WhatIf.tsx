import { router } from '@inertiajs/react';
import { useState } from 'react';
import { post, type Faults } from '@/lib/http';
import { changeFields, finishes, type ChangeData, type ChangedScore, type ChangeKind, type Named } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import { WhenField } from '@/ui/WhenField';

interface Props {
  /** Path of the night. */
  readonly path: string;
  readonly changes: ChangeData;
  /** What is shown instead of the night as planned; null for nothing. */
  readonly shown: ChangedScore | null;
  readonly onShow: (changed: ChangedScore | null) => void;
}

type Entered = Readonly<Record<string, string | number>>;
type Asked = Readonly<Record<string, string | number | boolean>>;

const KEPT = 'kept';
const PAST = [
  { value: KEPT, label: 'stays as it stands' },
  { value: 'free', label: 'is solved anew too' },
];

const STARTS: Entered = { stops: -2, minutes: 40, past: KEPT };

/** Nothing takes its place. */
const NONE = '';

/** One thing that turns out otherwise: seen in the score at once, and kept only if it is wished. */
export function WhatIf({ path, changes, shown, onShow }: Props) {
  const [what, setWhat] = useState<ChangeKind>(changes.kinds[0]?.what ?? 'dimmed');
  const [entered, setEntered] = useState(STARTS);
  const [faults, setFaults] = useState<Faults>({});
  const [isBusy, setBusy] = useState(false);
  /** What is shown, and would be kept: the form may say something else by now. */
  const [tried, setTried] = useState<Asked>({});
  const fields = changes.kinds.find((kind) => kind.what === what)?.fields ?? [];
  const asked: Asked = { what, keepsPast: entered['past'] === KEPT, ...Object.fromEntries(fields.flatMap((field) => (entered[field] === undefined || entered[field] === NONE ? [] : [[field, entered[field]]]))) };
  const enter = (field: string) => (value: string | number) => {
    setEntered({ ...entered, [field]: value });
  };
  const text = (field: string) => String(entered[field] ?? '');
  const show = async () => {
    setBusy(true);
    const answer = await post<ChangedScore>(`${path}/change`, asked);
    setBusy(false);
    setFaults(answer.kind === 'refused' ? answer.faults : answer.kind === 'answered' ? {} : { what: answer.sentence });
    if (answer.kind !== 'answered') return;
    setTried(asked);
    onShow(answer.value);
  };
  const done = { preserveScroll: true, onSuccess: () => { onShow(null); }, onError: setFaults };
  const gone = what === 'lens-gone' ? changes.lenses : changes.flashes;
  return (
    <Fold title="What if …" forced={shown !== null} starts={changes.kept === null ? 'folded' : 'open'}>
      <form
        noValidate
        className="grid items-start gap-x-6 gap-y-3 sm:grid-cols-2 lg:grid-cols-5"
        onSubmit={(event) => {
          event.preventDefault();
          void show();
        }}
      >
        <Choice label={changeFields.what.label} options={changes.kinds.map((kind) => ({ value: kind.what, label: kind.name }))} value={what} error={faults['what']} onChange={(value) => { setWhat(value as ChangeKind); setFaults({}); }} />
        {fields.includes('stops') && <NumberField field={changeFields.stops} value={Number(entered['stops'])} error={faults['stops']} onChange={enter('stops')} />}
        {fields.includes('minutes') && <NumberField field={changeFields.minutes} value={Number(entered['minutes'])} error={faults['minutes']} onChange={enter('minutes')} />}
        {fields.includes('room') && <Pick label={changeFields.room.label} of={changes.rooms} none="Choose" value={text('room')} error={faults['room']} onChange={enter('room')} />}
        {fields.includes('to') && <Pick label={changeFields.to.label} of={changes.rooms} none="Choose" value={text('to')} error={faults['to']} onChange={enter('to')} />}
        {fields.includes('finish') && (
          <Choice label={changeFields.finish.label} options={[{ value: NONE, label: 'Choose' }, ...Object.entries(finishes).map(([value, { label }]) => ({ value, label }))]} value={text('finish')} error={faults['finish']} onChange={enter('finish')} />
        )}
        {fields.includes('piece') && <Pick label={changeFields.piece.label} of={gone} none="Choose" value={text('piece')} error={faults['piece']} onChange={enter('piece')} />}
        {fields.includes('other') && <Pick label={changeFields.other.label} of={gone} none={what === 'unit-gone' ? 'Nothing: no flash' : 'Choose'} value={text('other')} error={faults['other']} onChange={enter('other')} />}
        {fields.includes('from') && <WhenField kind="time" label={changeFields.from.label} hint={changeFields.from.hint} value={text('from')} error={faults['from']} onChange={enter('from')} />}
        {fields.includes('until') && <WhenField kind="time" label={changeFields.until.label} hint={changeFields.until.hint} value={text('until')} error={faults['until']} onChange={enter('until')} />}
        <Choice label={changeFields.keepsPast.label} options={PAST} value={String(entered['past'])} onChange={enter('past')} />
        <div className="flex flex-wrap gap-2 self-end sm:col-span-full">
          <Button type="submit" disabled={isBusy}>
            {isBusy ? 'Solving …' : 'Show it in the score'}
          </Button>
          {shown !== null && (
            <>
              <Button look="main" onClick={() => { router.put(`${path}/change`, tried, done); }}>
                Keep it
              </Button>
              <Button look="quiet" onClick={() => { onShow(null); }}>
                Discard it
              </Button>
            </>
          )}
        </div>
      </form>
      {changes.kept !== null && (
        <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <span>Kept last: {changes.kept}</span>
          <Button look="quiet" onClick={() => { router.delete(`${path}/change`, done); }}>
            Take it back
          </Button>
        </p>
      )}
    </Fold>
  );
}

interface PickProps {
  readonly label: string;
  readonly of: readonly Named[];
  readonly none: string;
  readonly value: string;
  readonly error: string | undefined;
  readonly onChange: (value: string) => void;
}

function Pick({ label, of, none, value, error, onChange }: PickProps) {
  return <Choice label={label} options={[{ value: NONE, label: none }, ...of.map(({ uid, name }) => ({ value: uid, label: name }))]} value={value} error={error} onChange={onChange} />;
}
