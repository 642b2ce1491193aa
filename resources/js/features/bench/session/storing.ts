import type { Answer, Faults } from '@/lib/http';
import type { BenchState, MomentDraft } from '@/types/generated';
import type { Asking } from './asking';

/** ms that a draft must stand still before it is stored: a drag is one change. */
export const SETTLED = 700;

/** Where the draft stands against what is stored. */
type Storing =
  | { readonly kind: 'stored' }
  | { readonly kind: 'storing' }
  | { readonly kind: 'refused'; readonly faults: Faults }
  | { readonly kind: 'failed'; readonly sentence: string }
  /** Another tab has stored something else since. */
  | { readonly kind: 'changed-elsewhere'; readonly sentence: string };

export interface Drafted {
  readonly draft: MomentDraft;
  readonly stored: BenchState;
  readonly storing: Storing;
  /** Whether the draft is not what the server has taken. */
  readonly unsaved: boolean;
}

export interface Store {
  /** Changes the draft as it is now, and says what came of it. */
  readonly change: (next: (draft: MomentDraft) => MomentDraft) => MomentDraft;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly takeTheirs: () => void;
  readonly keepMine: () => void;
  /** Stores nothing any more. */
  readonly stop: () => void;
}

/** A draft of which every change is stored once the hand rests, and can be taken back. */
export function makeStore(asking: Pick<Asking, 'store' | 'stored' | 'step'>, first: BenchState, tell: (drafted: Drafted) => void): Store {
  let now: Drafted = { draft: first.draft, stored: first, storing: { kind: 'stored' }, unsaved: false };
  /** The draft that the server has taken, as it was sent. */
  let taken = JSON.stringify(first.draft);
  let busy = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const set = (next: Partial<Drafted>) => {
    now = { ...now, ...next };
    now = { ...now, unsaved: JSON.stringify(now.draft) !== taken };
    tell(now);
  };
  const soon = () => {
    clearTimeout(timer);
    if (!now.unsaved || now.storing.kind === 'changed-elsewhere') return;
    timer = setTimeout(() => {
      if (busy) soon();
      else void settle(asking.store(now.draft, now.stored.revision), now.draft);
    }, SETTLED);
  };
  /** One request at a time. What was sent stays on the page; without anything sent the answer replaces it. */
  const settle = async (request: Promise<Answer<BenchState>>, sent?: MomentDraft) => {
    busy = true;
    set({ storing: { kind: 'storing' } });
    const answer = await request;
    busy = false;
    if (answer.kind === 'answered') {
      taken = JSON.stringify(sent ?? answer.value.draft);
      set({ stored: answer.value, storing: { kind: 'stored' }, ...(sent === undefined ? { draft: answer.value.draft } : {}) });
      soon();
    } else {
      set({ storing: answer.kind === 'conflict' ? { kind: 'changed-elsewhere', sentence: answer.sentence } : answer });
    }
  };
  const step = (what: 'undo' | 'redo') => {
    // A second press before the answer would speak of a revision that is gone.
    if (!busy) void settle(asking.step(what, now.stored.revision));
  };
  return {
    change: (next) => {
      const draft = next(now.draft);
      if (draft !== now.draft) {
        set({ draft, ...(now.storing.kind === 'refused' || now.storing.kind === 'failed' ? { storing: { kind: 'stored' } } : {}) });
        soon();
      }
      return draft;
    },
    undo: () => {
      if (!isRefused(now)) {
        step('undo');
        return;
      }
      // A change that was refused is not stored, so taking it back asks nobody.
      taken = JSON.stringify(now.stored.draft);
      set({ draft: now.stored.draft, storing: { kind: 'stored' } });
    },
    redo: () => {
      step('redo');
    },
    takeTheirs: () => {
      void settle(asking.stored());
    },
    keepMine: () => {
      const mine = now.draft;
      void asking.stored().then((theirs) => settle(theirs.kind === 'answered' ? asking.store(mine, theirs.value.revision) : Promise.resolve(theirs), mine));
    },
    stop: () => {
      clearTimeout(timer);
    },
  };
}

export function isRefused({ unsaved, storing }: Drafted): boolean {
  return unsaved && storing.kind === 'refused';
}
