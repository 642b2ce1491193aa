import { afterEach, expect, test, vi } from 'vitest';
import type { BenchState, MomentDraft, SolutionDocument } from '@/types/generated';
import type { Asking } from './asking';
import { answered, draftAt, questions, solutionAt, stateOf } from './fake';
import { makeSession } from './session';

function start() {
  const solve = questions<MomentDraft, SolutionDocument>();
  const step = questions<'undo' | 'redo', BenchState>();
  const asking: Pick<Asking, 'solve' | 'step'> = { solve: solve.ask, step: step.ask };
  const session = makeSession(asking as Asking, { stored: stateOf(draftAt(3), 'r1', true), solution: solutionAt(3) });
  return { session, solve, step };
}

test('a change is on the page at once, with its answer when it comes', async () => {
  const { session, solve } = start();
  const changed = vi.fn();
  const leave = session.subscribe(changed);
  expect(session.state()).toMatchObject({ answered: true, unsaved: false });
  session.change(draftAt(4));
  expect(changed).toHaveBeenCalledTimes(1);
  expect(session.state()).toMatchObject({ draft: draftAt(4), solution: solutionAt(3), answered: false, unsaved: true });
  await solve.answer(0, answered(solutionAt(4)));
  expect(session.state()).toMatchObject({ draft: draftAt(4), solution: solutionAt(4), answered: true });
  leave();
  session.change(draftAt(5));
  expect(changed).toHaveBeenCalledTimes(2);
  session.stop();
});

test('what is known is drawn together with the change', async () => {
  const { session, solve } = start();
  session.change(draftAt(4));
  await solve.answer(0, answered(solutionAt(4)));
  session.change(draftAt(5));
  await solve.answer(1, answered(solutionAt(5)));
  const seen: unknown[] = [];
  session.subscribe(() => seen.push([session.state().draft, session.state().solution]));
  session.change(draftAt(4));
  expect(seen.at(-1)).toEqual([draftAt(4), solutionAt(4)]);
  session.stop();
});

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

test('what can be painted straight away is, and the page follows a frame later, once', async () => {
  vi.useFakeTimers();
  vi.stubGlobal('addEventListener', vi.fn());
  vi.stubGlobal('requestAnimationFrame', (frame: () => void) => setTimeout(frame));
  const { session, solve } = start();
  const paints = vi.fn(({ solution }: { readonly solution: unknown }) => solution !== null);
  const told = vi.fn();
  const leave = session.early(paints);
  session.subscribe(told);
  session.change(draftAt(4));
  await solve.answer(0, answered(solutionAt(4)));
  expect(paints).toHaveBeenLastCalledWith(expect.objectContaining({ draft: draftAt(4), solution: solutionAt(4) }));
  expect(told).not.toHaveBeenCalled();
  vi.advanceTimersByTime(50);
  expect(told).toHaveBeenCalledTimes(1);
  paints.mockReturnValue(false);
  session.change(draftAt(5));
  expect(told).toHaveBeenCalledTimes(2);
  leave();
  session.change(draftAt(6));
  expect(paints).toHaveBeenCalledTimes(3);
  session.stop();
});

test('a step back is answered as well', async () => {
  const { session, solve, step } = start();
  session.undo();
  await step.answer(0, answered(stateOf(draftAt(2), 'r2')));
  expect(solve.asked).toEqual([draftAt(2)]);
  await solve.answer(0, answered(solutionAt(2)));
  expect(session.state()).toMatchObject({ draft: draftAt(2), solution: solutionAt(2), answered: true, unsaved: false });
});
