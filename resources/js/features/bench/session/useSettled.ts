import { useEffect, useState } from 'react';
import type { MomentDraft } from '@/types/generated';
import type { Asking, Settled } from './asking';

/** ms that a draft must stand still before what is no part of a drag is asked for. */
export const SETTLED = 400;

/** The newest answer for a draft; older ones stay while newer are on their way or the draft is refused. */
export function useSettled<K extends keyof Settled>(what: K, asking: Asking, draft: MomentDraft): Settled[K] | null {
  const [answer, setAnswer] = useState<Settled[K] | null>(null);
  useAsked(what, asking, draft, true, setAnswer);
  return answer;
}

/** Asks whenever the draft has come to rest, and hands the newest answer over; `take` must stay the same. */
export function useAsked<K extends keyof Settled>(what: K, asking: Asking, draft: MomentDraft, wanted: boolean, take: (answer: Settled[K]) => void): void {
  useEffect(() => {
    if (!wanted) return;
    let newest = true;
    const timer = setTimeout(() => {
      void asking.settled(what, draft).then((next) => {
        if (newest && next.kind === 'answered') take(next.value);
      });
    }, SETTLED);
    return () => {
      newest = false;
      clearTimeout(timer);
    };
  }, [what, asking, draft, wanted, take]);
}
