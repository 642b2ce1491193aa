import { afterFrame } from '@/lib/afterFrame';
import type { BenchData, MomentDraft } from '@/types/generated';
import { makeAnswers, type Answered, type Answers } from './answers';
import type { Asking } from './asking';
import { makeStore, type Drafted, type Store } from './storing';

export type SessionState = Drafted & Omit<Answered, 'draft'> & {
  /** Whether the draft on screen has been answered. */
  readonly answered: boolean;
};

/** Is told of a change before the page, and says whether it painted it: what is painted is seen first, the page follows a frame later. */
type Early = (state: SessionState) => boolean;

/** A moment on the bench: its draft, the answers to it, and what is stored. */
export interface Session extends Omit<Store, 'change'>, Pick<Answers, 'ahead' | 'watchDrag' | 'forget'> {
  readonly state: () => SessionState;
  readonly subscribe: (changed: () => void) => () => void;
  /** Tells a listener before those that subscribe. */
  readonly early: (listener: Early) => () => void;
  /** Changes the draft and asks for its answer. */
  readonly change: (next: MomentDraft | ((draft: MomentDraft) => MomentDraft)) => void;
}

export function makeSession(asking: Asking, { stored, solution }: Pick<BenchData, 'stored' | 'solution'>): Session {
  let drafted: Drafted = { draft: stored.draft, stored, storing: { kind: 'stored' }, unsaved: false };
  let answer: Answered = { draft: stored.draft, solution, drag: null, faults: {}, trouble: null };
  let state = joined(drafted, answer);
  const listeners = new Set<() => void>();
  const earlier = new Set<Early>();
  let isPainted = false;
  const tell = () => {
    isPainted = false;
    listeners.forEach((listener) => {
      listener();
    });
  };
  const changed = () => {
    state = joined(drafted, answer);
    const waits = isPainted;
    for (const listener of earlier) if (listener(state)) isPainted = true;
    if (!isPainted) tell();
    else if (!waits) afterFrame(tell);
  };
  const answers = makeAnswers(asking, answer, (next) => {
    answer = next;
    changed();
  });
  const { change, ...store } = makeStore(asking, stored, (next) => {
    const isNew = next.draft !== drafted.draft;
    drafted = next;
    // What is known already is drawn together with the change, not after it.
    if (isNew) answers.ask(next.draft);
    changed();
  });
  return {
    ...store,
    ahead: answers.ahead,
    watchDrag: answers.watchDrag,
    forget: answers.forget,
    state: () => state,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    early: (listener) => {
      earlier.add(listener);
      return () => earlier.delete(listener);
    },
    change: (next) => {
      change(typeof next === 'function' ? next : () => next);
    },
  };
}

function joined(drafted: Drafted, { draft, ...answer }: Answered): SessionState {
  return { ...drafted, ...answer, answered: draft === drafted.draft };
}
