import { useEffect, useState } from 'react';
import { post } from '@/lib/http';
import type { CostsDocument, MomentDraft, WaysDocument } from '@/types/generated';

/** ms that a draft must stand still before what is no part of a drag is asked for. */
const SETTLED = 400;

/** What can be asked for beside the settings. */
interface Answers {
  readonly costs: CostsDocument;
  readonly ways: WaysDocument;
}

/** The newest answer for a draft; older ones stay while newer are on their way or the draft is refused. */
export function useSettled<K extends keyof Answers>(what: K, momentId: number, draft: MomentDraft): Answers[K] | null {
  const [answer, setAnswer] = useState<Answers[K] | null>(null);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      void post<Answers[K]>(`/moments/${momentId}/${what}`, draft).then((next) => {
        if (wanted && next.kind === 'answered') setAnswer(next.value);
      });
    }, SETTLED);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [what, momentId, draft]);
  return answer;
}
