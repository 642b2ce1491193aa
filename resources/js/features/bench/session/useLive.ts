import { useEffect, useRef, useState } from 'react';
import { shared } from '@/lib/shared';
import type { Answer } from '@/lib/http';
import type { MomentDraft } from '@/types/generated';

/**
 * The newest answer to a draft while it moves: one question is under way, the newest waits, what was
 * refused leaves the last answer. `ask` must stay the same; null where nobody wants to know.
 */
export function useLive<T>(ask: (draft: MomentDraft) => Promise<Answer<T>>, draft: MomentDraft, wanted: boolean): T | null {
  const [answer, setAnswer] = useState<T | null>(null);
  const waiting = useRef<MomentDraft | null>(null);
  const running = useRef(false);
  useEffect(() => {
    if (!wanted) return;
    waiting.current = draft;
    if (running.current) return;
    running.current = true;
    void (async () => {
      while (waiting.current !== null) {
        const question = waiting.current;
        waiting.current = null;
        const told = await ask(question);
        if (told.kind === 'answered') setAnswer((before) => (before === null ? told.value : shared(before, told.value)));
      }
      running.current = false;
    })();
  }, [ask, draft, wanted]);
  return answer;
}
