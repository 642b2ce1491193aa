import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { BenchState, MomentDraft } from '@/types/generated';
import { answered, draftAt, questions, stateOf } from './fake';
import { isRefused, makeStore, SETTLED, type Drafted } from './storing';

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

function start() {
  const store = questions<readonly [MomentDraft, string], BenchState>();
  const step = questions<readonly ['undo' | 'redo', string], BenchState>();
  const stored = questions<null, BenchState>();
  let now: Drafted | undefined;
  const first = draftAt(3);
  const session = makeStore(
    { store: (draft, revision) => store.ask([draft, revision]), step: (what, revision) => step.ask([what, revision]), stored: () => stored.ask(null) },
    stateOf(first, 'r1'),
    (next) => {
      now = next;
    },
  );
  const move = (distance: number) => session.change(() => draftAt(distance));
  const rest = () => vi.advanceTimersByTimeAsync(SETTLED);
  return { session, store, step, stored, move, rest, first, now: () => now };
}

describe('storing', () => {
  test('a drag is stored once, when the hand rests', async () => {
    const { store, move, rest, now } = start();
    for (const distance of [3.1, 3.2, 3.3]) {
      move(distance);
      await vi.advanceTimersByTimeAsync(SETTLED - 1);
    }
    expect(store.asked).toEqual([]);
    expect(now()?.unsaved).toBe(true);
    await rest();
    expect(store.asked).toEqual([[draftAt(3.3), 'r1']]);
    await store.answer(0, answered(stateOf(draftAt(3.3), 'r2', true)));
    expect(now()).toMatchObject({ draft: draftAt(3.3), storing: { kind: 'stored' }, unsaved: false, stored: { revision: 'r2', canUndo: true } });
  });

  test('a change that changes nothing is none, and one that is taken back by hand is not stored', async () => {
    const { session, store, move, rest, first, now } = start();
    expect(session.change((draft) => draft)).toBe(first);
    expect(now()).toBeUndefined();
    move(4);
    move(3);
    await rest();
    expect(store.asked).toEqual([]);
  });

  test('what changes while it is stored stays on the page and is stored next, on the new revision', async () => {
    const { store, move, rest, now } = start();
    move(4);
    await rest();
    move(5);
    await rest();
    expect(store.asked).toHaveLength(1);
    await store.answer(0, answered(stateOf(draftAt(4), 'r2')));
    expect(now()).toMatchObject({ draft: draftAt(5), unsaved: true });
    await rest();
    expect(store.asked[1]).toEqual([draftAt(5), 'r2']);
  });

  test('after a stop nothing is stored', async () => {
    const { session, store, move, rest } = start();
    move(4);
    session.stop();
    await rest();
    expect(store.asked).toEqual([]);
  });

  test('what could not be stored says why, and is tried again with the next change', async () => {
    const { store, move, rest, now } = start();
    move(4);
    await rest();
    await store.answer(0, { kind: 'failed', sentence: 'No connection.' });
    expect(now()).toMatchObject({ storing: { kind: 'failed', sentence: 'No connection.' }, unsaved: true });
    move(5);
    expect(now()?.storing).toEqual({ kind: 'stored' });
    await rest();
    expect(store.asked[1]).toEqual([draftAt(5), 'r1']);
  });
});

describe('taking back', () => {
  test('a step replaces the draft, and a second press waits for the first', async () => {
    const { session, step, now, first } = start();
    session.undo();
    session.undo();
    session.redo();
    expect(step.asked).toEqual([['undo', 'r1']]);
    await step.answer(0, answered(stateOf(draftAt(2), 'r2')));
    expect(now()).toMatchObject({ draft: draftAt(2), unsaved: false });
    session.redo();
    expect(step.asked[1]).toEqual(['redo', 'r2']);
    await step.answer(1, answered(stateOf(first, 'r3')));
    expect(now()?.draft).toEqual(first);
  });

  test('a refused change is taken back without asking', async () => {
    const { session, store, step, move, rest, now, first } = start();
    move(-1);
    await rest();
    await store.answer(0, { kind: 'refused', faults: { 'subject.distance': 'Too near.' } });
    const refused = now();
    expect(refused && isRefused(refused)).toBe(true);
    session.undo();
    expect(step.asked).toEqual([]);
    expect(now()).toMatchObject({ draft: first, storing: { kind: 'stored' }, unsaved: false });
  });
});

describe('another tab', () => {
  async function conflict() {
    const all = start();
    all.move(4);
    await all.rest();
    await all.store.answer(0, { kind: 'conflict', sentence: 'Changed elsewhere.' });
    return all;
  }

  test('nothing is stored until somebody has said whose change counts', async () => {
    const { store, move, rest, now } = await conflict();
    move(5);
    await rest();
    expect(store.asked).toHaveLength(1);
    expect(now()?.storing.kind).toBe('changed-elsewhere');
  });

  test('theirs replaces mine', async () => {
    const { session, stored, now } = await conflict();
    session.takeTheirs();
    await stored.answer(0, answered(stateOf(draftAt(9), 'r8')));
    expect(now()).toMatchObject({ draft: draftAt(9), storing: { kind: 'stored' }, unsaved: false });
  });

  test('mine is stored over theirs', async () => {
    const { session, store, stored, now } = await conflict();
    session.keepMine();
    await stored.answer(0, answered(stateOf(draftAt(9), 'r8')));
    expect(store.asked[1]).toEqual([draftAt(4), 'r8']);
    await store.answer(1, answered(stateOf(draftAt(4), 'r9')));
    expect(now()).toMatchObject({ draft: draftAt(4), unsaved: false, stored: { revision: 'r9' } });
  });

  test('where theirs cannot be read, mine stays on the page', async () => {
    const { session, store, stored, now } = await conflict();
    session.keepMine();
    await stored.answer(0, { kind: 'failed', sentence: 'No connection.' });
    expect(store.asked).toHaveLength(1);
    expect(now()).toMatchObject({ draft: draftAt(4), unsaved: true, storing: { kind: 'failed' } });
  });
});
