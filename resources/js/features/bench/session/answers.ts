import type { Answer, Faults } from '@/lib/http';
import { shared } from '@/lib/shared';
import type { DragDocument, MomentDraft, SolutionDocument } from '@/types/generated';
import type { Asking } from './asking';

const NONE: Faults = {};

/** The newest answer; it stays on screen while a newer one is asked for or refused. */
export interface Answered {
  readonly solution: SolutionDocument;
  /** What its long exposure looks like, for those who watch it; null before the first such answer. */
  readonly drag: DragDocument | null;
  /** What was refused in the draft. */
  readonly faults: Faults;
  /** Why there is no answer to the draft, if it is not the draft's fault. */
  readonly trouble: string | null;
  /** The draft that was answered. */
  readonly draft: MomentDraft;
}

export interface Answers {
  /** Asks for a draft at once, or answers at once what is known. */
  readonly ask: (draft: MomentDraft) => void;
  /** Asks for drafts that may come next, so that they are answered at once when they do. */
  readonly ahead: (next: readonly ((draft: MomentDraft) => MomentDraft)[]) => void;
  /** Whether every answer brings its drag along. */
  readonly watchDrag: (watched: boolean) => void;
  /** Forgets what is known, when something else may have changed. */
  readonly forget: () => void;
}

type Known = Pick<Answered, 'solution' | 'drag'>;

/** Answers that are kept; a drag goes to and fro. */
const KEPT = 200;

/** The most that is asked ahead at a time. */
const STRIP = 24;

/** Questions under way at a time: one is reckoned while the answer to the other is drawn. */
const AT_ONCE = 2;

/**
 * Answers to a draft whenever it changes. Few questions are under way at a time and only the
 * newest waits, so a drag never queues up behind itself; an answer that comes after a newer one
 * is dropped.
 */
export function makeAnswers(asking: Pick<Asking, 'solve' | 'drag' | 'strip'>, first: Pick<Answered, 'draft' | 'solution'>, tell: (answered: Answered) => void): Answers {
  const known = new Map<string, Known>();
  let newest: Answered = { ...first, drag: null, faults: NONE, trouble: null };
  let watched = false;
  let last = first.draft;
  let waiting: MomentDraft | null = null;
  let running = 0;
  let asked = 0;
  let shown = 0;

  const show = (turn: number, answered: Answered) => {
    if (turn < shown) return;
    shown = turn;
    newest = answered;
    tell(newest);
  };
  const work = async () => {
    running++;
    while (waiting !== null) {
      const question = waiting;
      waiting = null;
      const turn = ++asked;
      const answer = watched ? await asking.drag(question) : plain(await asking.solve(question));
      if (answer.kind === 'answered') keep(known, question, answer.value);
      show(turn, after(newest, question, answer));
    }
    running--;
  };
  const askNext = (draft: MomentDraft | null) => {
    waiting = draft;
    if (draft !== null && running < AT_ONCE) void work();
  };
  return {
    ask: (draft) => {
      if (last === draft) return;
      last = draft;
      const hit = known.get(JSON.stringify(draft));
      if (hit !== undefined) show(++asked, told(newest, draft, hit));
      askNext(hit === undefined || (watched && hit.drag === null) ? draft : null);
    },
    watchDrag: (on) => {
      if (watched === on) return;
      watched = on;
      if (on) askNext(last);
    },
    ahead: (steps) => {
      const unknown = new Map(steps.map((step) => step(last)).map((next) => [JSON.stringify(next), next] as const));
      const next = [...unknown].filter(([key]) => !known.has(key)).map(([, draft]) => draft).slice(0, STRIP);
      if (next.length === 0) return;
      void asking.strip(last, next).then((answer) => {
        if (answer.kind !== 'answered') return;
        answer.value.forEach((solution, i) => {
          const question = next[i];
          if (solution !== null && question !== undefined) keep(known, question, { solution, drag: null });
        });
      });
    },
    forget: () => {
      known.clear();
    },
  };
}

function plain(answer: Answer<SolutionDocument>): Answer<Known> {
  return answer.kind === 'answered' ? { kind: 'answered', value: { solution: answer.value, drag: null } } : answer;
}

/** An answer after the one before it; a drag stays in sight until its next one comes. */
function told(before: Answered, draft: MomentDraft, { solution, drag }: Known): Answered {
  return { solution: shared(before.solution, solution), drag: drag === null ? before.drag : shared(before.drag, drag), faults: NONE, trouble: null, draft };
}

function after(before: Answered, draft: MomentDraft, answer: Answer<Known>): Answered {
  switch (answer.kind) {
    case 'answered':
      return told(before, draft, answer.value);
    case 'refused':
      return { ...before, faults: answer.faults, trouble: null, draft };
    case 'conflict':
    case 'failed':
      return { ...before, faults: NONE, trouble: answer.sentence, draft };
  }
}

function keep(known: Map<string, Known>, draft: MomentDraft, answer: Known): void {
  known.set(JSON.stringify(draft), answer);
  for (const oldest of known.keys()) {
    if (known.size <= KEPT) break;
    known.delete(oldest);
  }
}
