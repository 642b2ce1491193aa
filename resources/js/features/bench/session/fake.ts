import type { Answer } from '@/lib/http';
import type { BenchState, DragDocument, MomentDraft, SolutionDocument } from '@/types/generated';

/** A draft of which nothing but the distance matters. */
export function draftAt(distance: number): MomentDraft {
  return { name: 'Toast', subject: { distance, nearest: null, farthest: null } } as unknown as MomentDraft;
}

/** The answer to a draft at that distance. */
export function solutionAt(distance: number): SolutionDocument {
  return { distance, levels: { face: 0 } } as unknown as SolutionDocument;
}

/** The drag of a draft at that distance. */
export function dragAt(distance: number): DragDocument {
  return { distance } as unknown as DragDocument;
}

export function stateOf(draft: MomentDraft, revision: string, canUndo = false): BenchState {
  return { draft, revision, canUndo, canRedo: false, scenery: { windows: [], lamps: [] } };
}

export function answered<T>(value: T): Answer<T> {
  return { kind: 'answered', value };
}

/** Questions that wait until a test answers them, in the order in which they came. */
export interface Questions<Q, A> {
  readonly ask: (question: Q) => Promise<Answer<A>>;
  readonly asked: readonly Q[];
  readonly answer: (which: number, answer: Answer<A>) => Promise<void>;
}

export function questions<Q, A>(): Questions<Q, A> {
  const asked: Q[] = [];
  const open: ((answer: Answer<A>) => void)[] = [];
  return {
    asked,
    ask: (question) => {
      asked.push(question);
      return new Promise((resolve) => {
        open.push(resolve);
      });
    },
    answer: async (which, answer) => {
      open[which]?.(answer);
      // What waits for it goes on before the test does.
      for (let i = 0; i < 5; i++) await Promise.resolve();
    },
  };
}
