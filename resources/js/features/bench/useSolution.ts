import { useCallback, useEffect, useRef, useState } from 'react';
import { post, type Answer, type Faults } from '@/lib/http';
import { shared } from '@/lib/shared';
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
  /** Asks at once, before the change itself is drawn. */
  readonly ask: (draft: MomentDraft) => void;
  /** Asks for drafts that may come next, so that they are answered at once when they do. */
  readonly ahead: (next: readonly ((draft: MomentDraft) => MomentDraft)[]) => void;
}

type Answered = Omit<Solved, 'answered' | 'ask' | 'ahead'> & { readonly draft: MomentDraft };

/** Answers that are kept; a drag goes to and fro. */
const KEPT = 200;

/** The most that the server answers ahead at a time. */
const STRIP = 24;

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
  const [known] = useState(() => new Map<string, SolutionDocument>());
  const answered = solved.draft === draft;
  // What is known already is drawn together with the change, not after it.
  const hit = answered ? undefined : known.get(JSON.stringify(draft));
  if (hit !== undefined) setSolved({ solution: shared(solved.solution, hit), faults: NONE, trouble: null, draft });

  const ask = useCallback(
    (newest: MomentDraft) => {
      if (last.current === newest) return;
      last.current = newest;
      if (known.has(JSON.stringify(newest))) {
        waiting.current = null;
        shown.current = ++asked.current;
        return;
      }
      waiting.current = newest;
      if (running.current === AT_ONCE) return;
      running.current++;
      void (async () => {
        for (let question = take(waiting); question !== null; question = take(waiting)) {
          const turn = ++asked.current;
          const answer = await post<SolutionDocument>(`/moments/${momentId}/solve`, question);
          if (answer.kind === 'answered') keep(known, question, answer.value);
          if (turn < shown.current) continue;
          shown.current = turn;
          setSolved(after(question, answer));
        }
        running.current--;
      })();
    },
    [momentId, known],
  );
  // Where the draft was not changed here but came from the server.
  useEffect(() => {
    ask(draft);
  }, [ask, draft]);

  // Gear, plans and readings may have changed in another tab: what was known before is asked for again.
  useEffect(() => {
    const forget = () => {
      known.clear();
    };
    window.addEventListener('focus', forget);
    return () => {
      window.removeEventListener('focus', forget);
    };
  }, [known]);

  const ahead = useCallback(
    (steps: readonly ((draft: MomentDraft) => MomentDraft)[]) => {
      const unknown = new Map<string, MomentDraft>();
      for (const step of steps) {
        const next = step(last.current);
        const key = JSON.stringify(next);
        if (!known.has(key)) unknown.set(key, next);
      }
      const next = [...unknown.values()].slice(0, STRIP);
      if (next.length === 0) return;
      void post<readonly (SolutionDocument | null)[]>(`/moments/${momentId}/strip`, { ...last.current, strip: next.map(moved) }).then((answer) => {
        if (answer.kind !== 'answered') return;
        answer.value.forEach((solution, i) => {
          const question = next[i];
          if (solution !== null && question !== undefined) keep(known, question, solution);
        });
      });
    },
    [momentId, known],
  );

  return { ...solved, answered, ask, ahead };
}

function after(question: MomentDraft, answer: Answer<SolutionDocument>) {
  return (before: Answered): Answered => {
    switch (answer.kind) {
      case 'answered':
        return { solution: shared(before.solution, answer.value), faults: NONE, trouble: null, draft: question };
      case 'refused':
        return { ...before, faults: answer.faults, trouble: null, draft: question };
      case 'conflict':
      case 'failed':
        return { ...before, faults: NONE, trouble: answer.sentence, draft: question };
    }
  };
}

/** The parts of a draft that may be asked for ahead. */
function moved({ camera, subject, room, look, glow: { ev }, head, pointing }: MomentDraft) {
  return { camera, subject, room, look, head, pointing, ...(ev === null ? {} : { glow: { ev } }) };
}

function keep(known: Map<string, SolutionDocument>, draft: MomentDraft, solution: SolutionDocument): void {
  known.set(JSON.stringify(draft), solution);
  for (const oldest of known.keys()) {
    if (known.size <= KEPT) break;
    known.delete(oldest);
  }
}

function take(waiting: { current: MomentDraft | null }): MomentDraft | null {
  const draft = waiting.current;
  waiting.current = null;
  return draft;
}
