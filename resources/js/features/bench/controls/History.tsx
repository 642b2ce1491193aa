import { useEffect } from 'react';
import { Button } from '@/ui/Button';
import type { Session, SessionState } from '../session/session';
import { isRefused } from '../session/storing';

interface Props {
  readonly state: SessionState;
  readonly session: Session;
}

/** Steps back and forth through the changes of a moment, and whether the last one is stored. */
export function History({ state, session: { undo, redo } }: Props) {
  const waits = state.unsaved || state.storing.kind === 'storing';
  const canUndo = isRefused(state) || (state.stored.canUndo && !waits);
  const canRedo = state.stored.canRedo && !waits;
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
        {standing(state)}
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

function standing({ storing, unsaved }: SessionState): string {
  switch (storing.kind) {
    case 'stored':
      return unsaved ? 'Saving …' : 'Saved';
    case 'storing':
      return 'Saving …';
    default:
      return 'Not saved';
  }
}

/** Why something was not stored, where no field can say it; when two tabs have the same moment open, it offers both. */
export function NotStored({ state: { storing, trouble }, session }: Props) {
  const sentence = storing.kind === 'refused' ? storing.faults['page'] : storing.kind === 'failed' ? storing.sentence : undefined;
  if (sentence !== undefined && sentence !== trouble) {
    return (
      <p role="alert" className="mx-4 border-l-4 border-alarm bg-alarm-wash px-4 py-3 font-medium">
        {sentence}
      </p>
    );
  }
  if (storing.kind !== 'changed-elsewhere') return null;
  return (
    <div role="alert" className="mx-4 grid gap-3 border-l-4 border-alarm bg-alarm-wash px-4 py-3">
      <p className="font-medium">{storing.sentence} What you see here is not stored.</p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={session.takeTheirs}>Take what is stored</Button>
        <Button onClick={session.keepMine}>Keep what is here</Button>
      </div>
    </div>
  );
}
