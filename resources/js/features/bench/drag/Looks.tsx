import { useState } from 'react';
import { askFields, asks, type AskDraft, type AskedLookDocument, type AskKind, type DragDocument, type MomentDraft } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import { Check } from '@/ui/ShapeControls';
import type { Asking } from '../session/asking';
import type { Editing } from '../session/editing';
import { begun, taken } from './editing';

interface Props extends Pick<Editing, 'draft' | 'onChange'> {
  readonly asking: Asking;
  readonly looks: DragDocument['looks'];
}

const KINDS = Object.entries(asks).map(([value, label]) => ({ value, label }));

/** Looks to start from, and looks that find their settings. */
export function Looks({ asking, draft, looks, onChange }: Props) {
  const [ask, setAsk] = useState<AskDraft>({ kind: 'trail-behind', tripod: false, lamps: 20, heads: 1 });
  const [answer, setAnswer] = useState<{ readonly of: MomentDraft; readonly look: AskedLookDocument } | null>(null);
  const [trouble, setTrouble] = useState('');
  const find = async (wanted: AskDraft, from: MomentDraft) => {
    setAsk(wanted);
    const told = await asking.look(from, wanted);
    setTrouble(told.kind === 'answered' ? '' : told.kind === 'refused' ? (Object.values(told.faults)[0] ?? '') : told.sentence);
    setAnswer(told.kind === 'answered' ? { of: from, look: told.value } : null);
  };
  return (
    <div className="grid gap-4">
      <section aria-label="Looks to start from" className="grid gap-2">
        <h3 className="font-semibold">Start from a look</h3>
        <ul className="grid gap-2 sm:grid-cols-2">
          {looks.map((look) => (
            <li key={look.look}>
              <button
                type="button"
                className="grid h-full w-full content-start rounded-md border border-edge px-3 py-2 text-left hover:bg-sunk"
                onClick={() => {
                  const next = begun(look)(draft);
                  onChange(next);
                  if (look.ask !== null) void find({ ...ask, kind: look.ask, tripod: look.tripod ?? ask.tripod }, next);
                }}
              >
                <span className="font-semibold first-letter:uppercase">{look.name}</span>
                <span className="text-sm">{look.sentence}</span>
              </button>
            </li>
          ))}
        </ul>
      </section>
      <form
        className="grid gap-3 border-t border-line pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          void find(ask, draft);
        }}
      >
        <h3 className="font-semibold">Ask for a look</h3>
        <div className="flex flex-wrap items-end gap-3">
          <div className="min-w-56 grow">
            <Choice label="Look" options={KINDS} value={ask.kind} onChange={(kind) => { setAsk({ ...ask, kind: kind as AskKind }); }} />
          </div>
          {ask.kind === 'lamp-trails' && <NumberField field={askFields.lamps} value={ask.lamps} error={undefined} onChange={(lamps) => { setAsk({ ...ask, lamps }); }} />}
          {ask.kind === 'trail-behind' && <NumberField field={askFields.heads} value={ask.heads} error={undefined} onChange={(heads) => { setAsk({ ...ask, heads }); }} />}
          <Check label="There is a tripod" checked={ask.tripod} onChange={(tripod) => { setAsk({ ...ask, tripod }); }} />
          <Button type="submit" look="main">
            Find settings
          </Button>
        </div>
        <div role="status" className="grid gap-2 empty:hidden">
          {trouble !== '' && <p className="font-medium text-alarm">{trouble}</p>}
          {answer !== null && (
            <>
              <p>{answer.look.sentence}</p>
              {answer.look.misses.length > 0 && (
                <ul className="grid list-inside list-disc gap-1">
                  {answer.look.misses.map((miss) => (
                    <li key={miss.part}>{miss.sentence}</li>
                  ))}
                </ul>
              )}
              {!answer.look.isRuledOut && (
                <p>
                  <Button
                    onClick={() => {
                      onChange(taken(answer.look));
                    }}
                  >
                    Use these settings
                  </Button>
                </p>
              )}
            </>
          )}
        </div>
      </form>
    </div>
  );
}
