import { describe, expect, test } from 'vitest';
import type { DragData, MomentDraft, SolutionDocument } from '@/types/generated';
import { makeAnswers, type Answered } from './answers';
import { answered, draftAt, dragAt, questions, solutionAt } from './fake';

function start() {
  const solve = questions<MomentDraft, SolutionDocument>();
  const drag = questions<MomentDraft, DragData>();
  const strip = questions<readonly MomentDraft[], readonly (SolutionDocument | null)[]>();
  const told: Answered[] = [];
  const first = draftAt(3);
  const answers = makeAnswers({ solve: solve.ask, drag: drag.ask, strip: (_, next) => strip.ask(next) }, { draft: first, solution: solutionAt(3) }, (next) => told.push(next));
  return { answers, solve, drag, strip, told, first };
}

const at = (distance: number) => () => draftAt(distance);

describe('answers to a draft that moves', () => {
  test('the first draft is answered already', () => {
    const { answers, solve, first } = start();
    answers.ask(first);
    expect(solve.asked).toEqual([]);
  });

  test('of a drag two questions are under way, and then the newest', async () => {
    const { answers, solve, told } = start();
    for (const distance of [3.1, 3.2, 3.3, 3.4, 3.5]) answers.ask(draftAt(distance));
    expect(solve.asked).toEqual([draftAt(3.1), draftAt(3.2)]);
    await solve.answer(0, answered(solutionAt(3.1)));
    expect(solve.asked).toEqual([draftAt(3.1), draftAt(3.2), draftAt(3.5)]);
    await solve.answer(1, answered(solutionAt(3.2)));
    await solve.answer(2, answered(solutionAt(3.5)));
    expect(solve.asked).toHaveLength(3);
    expect(told.map(({ draft }) => draft)).toEqual([draftAt(3.1), draftAt(3.2), draftAt(3.5)]);
  });

  test('an answer that comes after a newer one is dropped, but known when it is asked for again', async () => {
    const { answers, solve, told } = start();
    answers.ask(draftAt(3.1));
    answers.ask(draftAt(3.2));
    await solve.answer(1, answered(solutionAt(3.2)));
    await solve.answer(0, answered(solutionAt(3.1)));
    expect(told.map(({ solution }) => solution)).toEqual([solutionAt(3.2)]);
    answers.ask(draftAt(3.1));
    expect(told.at(-1)?.solution).toEqual(solutionAt(3.1));
    expect(solve.asked).toHaveLength(2);
  });

  test('what is known is told at once, and nothing older comes over it', async () => {
    const { answers, solve, told } = start();
    answers.ask(draftAt(3.1));
    await solve.answer(0, answered(solutionAt(3.1)));
    answers.ask(draftAt(3.2));
    answers.ask(draftAt(3.1));
    expect(told.at(-1)?.draft).toEqual(draftAt(3.1));
    await solve.answer(1, answered(solutionAt(3.2)));
    expect(told.at(-1)?.draft).toEqual(draftAt(3.1));
  });

  test('parts that did not change are the same objects', async () => {
    const { answers, solve, told } = start();
    answers.ask(draftAt(3.1));
    await solve.answer(0, answered(solutionAt(3.1)));
    answers.ask(draftAt(3.2));
    await solve.answer(1, answered(solutionAt(3.2)));
    expect(told[1]?.solution.levels).toBe(told[0]?.solution.levels);
  });

  test('a refusal leaves the last answer in sight; an answer takes the refusal away', async () => {
    const { answers, solve, told } = start();
    answers.ask(draftAt(-1));
    await solve.answer(0, { kind: 'refused', faults: { 'subject.distance': 'Too near.' } });
    expect(told.at(-1)).toEqual({ solution: solutionAt(3), drag: null, faults: { 'subject.distance': 'Too near.' }, trouble: null, draft: draftAt(-1) });
    answers.ask(draftAt(4));
    await solve.answer(1, { kind: 'failed', sentence: 'No connection.' });
    expect(told.at(-1)).toEqual({ solution: solutionAt(3), drag: null, faults: {}, trouble: 'No connection.', draft: draftAt(4) });
    answers.ask(draftAt(5));
    await solve.answer(2, answered(solutionAt(5)));
    expect(told.at(-1)).toEqual({ solution: solutionAt(5), drag: null, faults: {}, trouble: null, draft: draftAt(5) });
  });
});

describe('answers ahead', () => {
  test('what a hand may do next is asked for once and then answered at once', async () => {
    const { answers, solve, strip, told } = start();
    answers.ahead([at(3.1), at(3.2), at(3.1)]);
    expect(strip.asked).toEqual([[draftAt(3.1), draftAt(3.2)]]);
    await strip.answer(0, answered([solutionAt(3.1), null]));
    answers.ahead([at(3.1)]);
    expect(strip.asked).toHaveLength(1);
    answers.ask(draftAt(3.1));
    expect(told.at(-1)?.solution).toEqual(solutionAt(3.1));
    answers.ask(draftAt(3.2));
    expect(solve.asked).toEqual([draftAt(3.2)]);
  });

  test('no more than 24 at a time', () => {
    const { answers, strip } = start();
    answers.ahead(Array.from({ length: 40 }, (_, i) => at(5 + i)));
    expect(strip.asked[0]).toHaveLength(24);
  });

  test('what may have changed elsewhere is forgotten', async () => {
    const { answers, solve, strip } = start();
    answers.ahead([at(3.1)]);
    await strip.answer(0, answered([solutionAt(3.1)]));
    answers.forget();
    answers.ask(draftAt(3.1));
    expect(solve.asked).toEqual([draftAt(3.1)]);
  });

  test('two hundred answers are kept, the oldest go first', async () => {
    const { answers, solve, strip } = start();
    for (let i = 0; i < 9; i++) {
      const steps = Array.from({ length: 24 }, (_, j) => 10 + i * 24 + j);
      answers.ahead(steps.map(at));
      await strip.answer(i, answered(steps.map(solutionAt)));
    }
    answers.ask(draftAt(10));
    answers.ask(draftAt(225));
    expect(solve.asked).toEqual([draftAt(10)]);
  });
});

describe('while somebody watches the drag', () => {
  test('it comes with the answer, and is asked for at once when it was not', async () => {
    const { answers, solve, drag, told, first } = start();
    answers.watchDrag(true);
    expect(drag.asked).toEqual([first]);
    await drag.answer(0, answered({ solution: solutionAt(3), drag: dragAt(3) }));
    answers.ask(draftAt(4));
    await drag.answer(1, answered({ solution: solutionAt(4), drag: dragAt(4) }));
    expect(told.map((answer) => answer.drag)).toEqual([dragAt(3), dragAt(4)]);
    expect(solve.asked).toEqual([]);
  });

  test('what was asked ahead is told at once, the drag follows', async () => {
    const { answers, drag, strip, told } = start();
    answers.watchDrag(true);
    await drag.answer(0, answered({ solution: solutionAt(3), drag: dragAt(3) }));
    answers.ahead([at(4)]);
    await strip.answer(0, answered([solutionAt(4)]));
    answers.ask(draftAt(4));
    expect(told.at(-1)).toMatchObject({ solution: solutionAt(4), drag: dragAt(3) });
    await drag.answer(1, answered({ solution: solutionAt(4), drag: dragAt(4) }));
    expect(told.at(-1)).toMatchObject({ solution: solutionAt(4), drag: dragAt(4) });
  });

  test('nothing of it is asked for once nobody does', () => {
    const { answers, solve, drag } = start();
    answers.watchDrag(true);
    answers.watchDrag(false);
    answers.ask(draftAt(4));
    expect([drag.asked.length, solve.asked.length]).toEqual([1, 1]);
  });
});
