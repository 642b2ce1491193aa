import { useEffect, useState } from 'react';
import { post } from '@/lib/http';
import type { CostsDocument, MomentDraft, PinData, WaysDocument } from '@/types/generated';

/** ms that a draft must stand still before what is no part of a drag is asked for. */
const SETTLED = 400;

/** What can be asked for beside the settings. */
interface Answers {
  readonly costs: CostsDocument;
  readonly ways: WaysDocument;
  readonly compare: readonly PinData[];
}

/** The newest answer for a draft; older ones stay while newer are on their way or the draft is refused. */
export function useSettled<K extends keyof Answers>(what: K, momentId: number, draft: MomentDraft): Answers[K] | null {
  const [answer, setAnswer] = useState<Answers[K] | null>(null);
  useAsked(what, momentId, draft, true, setAnswer);
  return answer;
}

/** Asks whenever the draft has come to rest, and hands the newest answer over; `take` must stay the same. */
export function useAsked<K extends keyof Answers>(what: K, momentId: number, draft: MomentDraft, wanted: boolean, take: (answer: Answers[K]) => void): void {
  useEffect(() => {
    if (!wanted) return;
    let newest = true;
    const timer = setTimeout(() => {
      void post<Answers[K]>(`/moments/${momentId}/${what}`, draft).then((next) => {
        if (newest && next.kind === 'answered') take(next.value);
      });
    }, SETTLED);
    return () => {
      newest = false;
      clearTimeout(timer);
    };
  }, [what, momentId, draft, wanted, take]);
}
