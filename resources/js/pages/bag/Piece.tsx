import type { Form, Values } from '@/lib/shape';
import { useShape } from '@/lib/useShape';
import type { PieceData, PieceKind } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Frame } from '@/ui/Frame';
import { Refused, SaveButton } from '@/ui/Panel';
import { ShapeForm } from '@/ui/ShapeForm';

interface Props {
  /** Null for one that is not in the bag yet. */
  readonly piece: PieceData | null;
  readonly kind: PieceKind;
  readonly called: string;
  readonly form: Form;
  readonly values: Values;
  readonly starters: readonly Values[];
}

export default function Piece({ piece, kind, called, form, values, starters }: Props) {
  const state = useShape(values, piece === null ? 'post' : 'put', piece === null ? `/bag/new/${kind}` : `/pieces/${piece.id}`);
  const article = kind === 'battery' ? called : `a ${called}`;
  return (
    <Frame
      title={piece === null ? `Add ${article}` : piece.name}
      path={[{ label: 'Bag', href: '/bag' }]}
      actions={<SaveButton state={state} label={piece === null ? 'Put it in the bag' : 'Save'} />}
    >
      <form
        noValidate
        className="mx-auto grid w-full max-w-4xl gap-5 px-4 py-8"
        onSubmit={(event) => {
          event.preventDefault();
          state.save();
        }}
      >
        {starters.length > 0 && (
          <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Start from plain gear">
            <span>Start from</span>
            {starters.map((starter) => (
              <Button
                key={String(starter['name'])}
                onClick={() => {
                  state.change(starter);
                }}
              >
                {String(starter['name'])}
              </Button>
            ))}
            <span>or fill in your own figures.</span>
          </div>
        )}
        {piece !== null && piece.uses > 0 && (
          <p>
            {piece.uses === 1 ? 'One moment is' : `${piece.uses} moments are`} planned with it; a change holds there too. To keep old nights as they were, copy it and change the copy.
          </p>
        )}
        <Refused state={state} />
        <ShapeForm form={form} values={state.values} faults={state.faults} onChange={state.change} />
        <button type="submit" className="sr-only" tabIndex={-1}>
          Save
        </button>
      </form>
    </Frame>
  );
}
