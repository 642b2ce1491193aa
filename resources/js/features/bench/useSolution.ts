import { useEffect, useRef, useState } from 'react';
import { post, type Faults } from '@/lib/http';
import type { MomentDraft, SolutionDocument } from '@/types/generated';

const NONE: Faults = {};

export interface Solved {
  /** The newest answer; it stays on screen while a newer one is asked for or refused. */
  readonly solution: SolutionDocument;
  /** What the server refused in the newest draft. */
  readonly faults: Faults;
  /** Why there is no answer to the newest draft, if it is not the draft's fault. */
  readonly trouble: string | null;
  /** Whether the server has answered to the draft on screen. */
  readonly answered: boolean;
}

type Answered = Omit<Solved, 'answered'> & { readonly draft: MomentDraft };

/** Questions under way at a time: one is reckoned while the answer to the other is drawn. */
const AT_ONCE = 2;

/**
 * Asks for the solution of a draft whenever it changes. Few questions are under way at a time
 * and only the newest waits, so a drag never queues up behind itself; an answer that comes
 * after a newer one is dropped.
 */
export function useSolution(momentId: number, draft: MomentDraft, initial: SolutionDocument): Solved {
  const [solved, setSolved] = useState<Answered>({ solution: initial, faults: NONE, trouble: null, draft });
  const waiting = useRef<MomentDraft | null>(null);
  const running = useRef(0);
  const asked = useRef(0);
  const shown = useRef(0);
  const last = useRef(draft);

  useEffect(() => {
    if (last.current === draft) return;
    last.current = draft;
    waiting.current = draft;
    if (running.current === AT_ONCE) return;
    running.current++;
    void (async () => {
      for (let next = take(waiting); next !== null; next = take(waiting)) {
        const question = next;
        const turn = ++asked.current;
        const answer = await post<SolutionDocument>(`/moments/${momentId}/solve`, question);
        if (turn < shown.current) continue;
        shown.current = turn;
        setSolved((before) => {
          switch (answer.kind) {
            case 'answered':
              return { solution: answer.value, faults: NONE, trouble: null, draft: question };
            case 'refused':
              return { ...before, faults: answer.faults, trouble: null, draft: question };
            case 'conflict':
            case 'failed':
              return { ...before, faults: NONE, trouble: answer.sentence, draft: question };
          }
        });
      }
      running.current--;
    })();
  }, [momentId, draft]);

  return { ...solved, answered: solved.draft === draft };
}

function take(waiting: { current: MomentDraft | null }): MomentDraft | null {
  const draft = waiting.current;
  waiting.current = null;
  return draft;
}
