import { useCallback, useEffect, useRef, useState, type SetStateAction } from 'react';
import { put, post, get, type Answer, type Faults } from '@/lib/http';
import { useLeaveGuard } from '@/lib/leaveGuard';
import type { BenchData, BenchState, MomentDraft, SceneryData } from '@/types/generated';

const NONE: Faults = {};

/** ms that a draft must stand still before it is stored: a drag is one change. */
const SETTLED = 700;

/** Where the draft stands against what is stored. */
export type Storing =
  | { readonly kind: 'stored' }
  | { readonly kind: 'storing' }
  | { readonly kind: 'refused'; readonly faults: Faults }
  | { readonly kind: 'failed'; readonly sentence: string }
  /** Another tab has stored something else since. */
  | { readonly kind: 'changed-elsewhere'; readonly sentence: string };

export interface DraftState {
  readonly draft: MomentDraft;
  /** What gives the room its own light, as stored. */
  readonly scenery: SceneryData;
  /** Changes the draft as it is now, and says what came of it. */
  readonly change: (next: SetStateAction<MomentDraft>) => MomentDraft;
  readonly storing: Storing;
  readonly saveFaults: Faults;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly takeTheirs: () => void;
  readonly keepMine: () => void;
}

/** The moment as edited on the page; every change is stored once the hand rests, and can be taken back. */
export function useDraft(bench: BenchData): DraftState {
  const url = `/moments/${bench.momentId}`;
  const [stored, setStored] = useState<BenchState>(bench.stored);
  const [draft, setDraft] = useState(bench.stored.draft);
  const newest = useRef(draft);
  const [storing, setStoring] = useState<Storing>({ kind: 'stored' });
  /** The draft that the server has taken, as it was sent. */
  const [taken, setTaken] = useState(() => JSON.stringify(bench.stored.draft));
  const busy = useRef(false);
  const unsaved = JSON.stringify(draft) !== taken;
  useLeaveGuard(unsaved, 'Leave without the last change to this moment? It is not stored yet.');

  /** One request at a time. What was sent stays on the page; without anything sent the answer replaces it. */
  const ask = useCallback(async (request: Promise<Answer<BenchState>>, sent?: MomentDraft) => {
    busy.current = true;
    setStoring({ kind: 'storing' });
    const answer = await request;
    busy.current = false;
    if (answer.kind === 'answered') {
      setStored(answer.value);
      setTaken(JSON.stringify(sent ?? answer.value.draft));
      if (sent === undefined) {
        newest.current = answer.value.draft;
        setDraft(answer.value.draft);
      }
      setStoring({ kind: 'stored' });
    } else {
      setStoring(answer.kind === 'conflict' ? { kind: 'changed-elsewhere', sentence: answer.sentence } : answer);
    }
  }, []);

  const blocked = storing.kind === 'changed-elsewhere';
  useEffect(() => {
    if (!unsaved || blocked) return;
    let timer = 0;
    const store = () => {
      if (busy.current) timer = window.setTimeout(store, SETTLED);
      else void ask(put<BenchState>(url, { ...draft, revision: stored.revision }), draft);
    };
    timer = window.setTimeout(store, SETTLED);
    return () => {
      window.clearTimeout(timer);
    };
  }, [unsaved, blocked, draft, stored, url, ask]);

  const change = useCallback((next: SetStateAction<MomentDraft>) => {
    setStoring((before) => (before.kind === 'refused' || before.kind === 'failed' ? { kind: 'stored' } : before));
    newest.current = typeof next === 'function' ? next(newest.current) : next;
    setDraft(newest.current);
    return newest.current;
  }, []);
  /** A change that was refused is not stored, so taking it back asks nobody. */
  const isRefused = unsaved && storing.kind === 'refused';
  const drop = () => {
    newest.current = stored.draft;
    setDraft(stored.draft);
    setTaken(JSON.stringify(stored.draft));
    setStoring({ kind: 'stored' });
  };
  const step = (what: 'undo' | 'redo') => {
    // A second press before the answer would speak of a revision that is gone.
    if (!busy.current) void ask(post<BenchState>(`${url}/${what}`, { revision: stored.revision }));
  };
  return {
    draft,
    scenery: stored.scenery,
    change,
    storing: unsaved && storing.kind === 'stored' ? { kind: 'storing' } : storing,
    saveFaults: storing.kind === 'refused' ? storing.faults : NONE,
    canUndo: isRefused || (stored.canUndo && !unsaved && storing.kind !== 'storing'),
    canRedo: stored.canRedo && !unsaved && storing.kind !== 'storing',
    undo: () => {
      if (isRefused) drop();
      else step('undo');
    },
    redo: () => {
      step('redo');
    },
    takeTheirs: () => {
      void ask(get<BenchState>(`${url}/state`));
    },
    keepMine: () => {
      void get<BenchState>(`${url}/state`).then((theirs) =>
        ask(theirs.kind === 'answered' ? put<BenchState>(url, { ...draft, revision: theirs.value.revision }) : Promise.resolve(theirs), draft),
      );
    },
  };
}
