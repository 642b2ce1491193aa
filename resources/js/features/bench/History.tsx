import { useEffect } from 'react';
import { Button } from '@/ui/Button';
import type { DraftState, Storing } from './useDraft';

/** Steps back and forth through the changes of a moment, and whether the last one is stored. */
export function History({ state }: { readonly state: DraftState }) {
  const { undo, redo, canUndo, canRedo } = state;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
      if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      if (event.shiftKey) {
        if (canRedo) redo();
      } else if (canUndo) undo();
    };
    addEventListener('keydown', onKey);
    return () => {
      removeEventListener('keydown', onKey);
    };
  }, [undo, redo, canUndo, canRedo]);
  return (
    <div className="flex flex-wrap items-center gap-1">
      <span role="status" className="px-2 text-sm text-faint">
        {told(state.storing)}
      </span>
      <Button disabled={!canUndo} onClick={undo} title="Ctrl+Z">
        Undo
      </Button>
      <Button disabled={!canRedo} onClick={redo} title="Ctrl+Shift+Z">
        Redo
      </Button>
    </div>
  );
}

function told(storing: Storing): string {
  switch (storing.kind) {
    case 'stored':
      return 'Saved';
    case 'storing':
      return 'Saving …';
    default:
      return 'Not saved';
  }
}

/** Two tabs have the same moment open: says so, and offers both. */
export function ChangedElsewhere({ state }: { readonly state: DraftState }) {
  if (state.storing.kind !== 'changed-elsewhere') return null;
  return (
    <div role="alert" className="mx-4 grid gap-3 border-l-4 border-alarm bg-alarm-wash px-4 py-3">
      <p className="font-medium">{state.storing.sentence} What you see here is not stored.</p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={state.takeTheirs}>Take what is stored</Button>
        <Button onClick={state.keepMine}>Keep what is here</Button>
      </div>
    </div>
  );
}
