import { useCallback, useState } from 'react';
import { signed } from '@/lib/format';
import type { Answer } from '@/lib/http';
import type { MomentDraft, PinData, SolutionDocument } from '@/types/generated';
import { Button } from '@/ui/Button';
import type { Asking } from '../session/asking';
import { useAsked } from '../session/useSettled';

interface Props {
  readonly asking: Asking;
  readonly draft: MomentDraft;
  readonly solution: SolutionDocument;
  readonly pins: readonly PinData[];
  readonly onPins: (change: (before: readonly PinData[]) => readonly PinData[]) => void;
  readonly onTake: (draft: MomentDraft) => void;
}

const MOST = 3;

/** Settings that are pinned, beside what is set now, with the clicks between them. */
export function Compare({ asking, draft, solution, pins, onPins, onTake }: Props) {
  const [trouble, setTrouble] = useState('');
  const take = <T,>(answer: Answer<T>, pinned: (value: T, before: readonly PinData[]) => readonly PinData[]) => {
    if (answer.kind === 'answered') onPins((before) => pinned(answer.value, before));
    setTrouble(answer.kind === 'answered' ? '' : answer.kind === 'refused' ? (Object.values(answer.faults)[0] ?? '') : answer.sentence);
  };
  const any = pins.length > 0;
  useAsked('compare', asking, draft, any, useCallback((compared: readonly PinData[]) => {
    // What was pinned or taken off since this was asked stays so.
    onPins((before) => before.map((pin) => compared.find(({ id }) => id === pin.id) ?? pin));
  }, [onPins]));
  return (
    <section aria-labelledby="compare" className="grid gap-2">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 id="compare" className="text-lg">
          Side by side
        </h2>
        <Button disabled={pins.length >= MOST} onClick={() => { void asking.pin(draft).then((answer) => { take(answer, (value) => value); }); }}>
          Pin these settings
        </Button>
      </div>
      {trouble !== '' && <p role="alert" className="font-medium text-alarm">{trouble}</p>}
      {any ? (
        <ol className="grid gap-2 md:grid-cols-2 xl:grid-cols-4">
          <Column name="Now" shutter={solution.shutter.label} aperture={solution.aperture.label} iso={solution.iso.label} output={solution.output.label} head={solution.head.label} face={solution.levels.face} backdrop={solution.levels.backdrop} />
          {pins.map((pin, i) => (
            <Column key={pin.id} name={`Pin ${i + 1}`} {...pin}>
              <p className="text-sm">
                <span className="text-faint">From now:</span> {pin.turns}
              </p>
              <p className="flex flex-wrap gap-2">
                <Button onClick={() => { onTake(pin.draft); }}>Set this</Button>
                <Button look="quiet" aria-label={`Take off pin ${i + 1}`} onClick={() => { void asking.unpin(pin.id).then((answer) => { take(answer, (_, before) => before.filter((other) => other.id !== pin.id)); }); }}>
                  Take off
                </Button>
              </p>
            </Column>
          ))}
        </ol>
      ) : (
        <p className="text-sm text-faint">Pin up to three settings of this moment to see them beside each other, with the clicks from one to the next.</p>
      )}
    </section>
  );
}

interface ColumnProps {
  readonly name: string;
  readonly shutter: string;
  readonly aperture: string;
  readonly iso: string;
  readonly output: string;
  readonly head: string;
  readonly face: number | null;
  readonly backdrop: number | null;
  readonly children?: React.ReactNode;
}

function Column({ name, shutter, aperture, iso, output, head, face, backdrop, children }: ColumnProps) {
  return (
    <li className="grid content-start gap-1 border-t-2 border-line pt-2 first:border-ink">
      <h3 className="text-sm font-medium text-faint">{name}</h3>
      <p className="font-head text-xl font-bold">
        {shutter} · {aperture} · <span className="whitespace-nowrap">ISO {iso}</span>
      </p>
      <p>
        {output}, {head.charAt(0).toLowerCase() + head.slice(1)}
      </p>
      <p className="text-sm">
        face {signed(face)}, backdrop {signed(backdrop)} stops
      </p>
      {children}
    </li>
  );
}
