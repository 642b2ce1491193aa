import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { afterFrame } from './afterFrame';

let hand: EventTarget;
let frame: () => void;

beforeEach(() => {
  vi.useFakeTimers();
  hand = new EventTarget();
  vi.stubGlobal('addEventListener', hand.addEventListener.bind(hand));
  vi.stubGlobal('requestAnimationFrame', (next: () => void) => {
    frame = next;
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

test('waits until a frame is seen, and is done once', () => {
  const work = vi.fn();
  afterFrame(work);
  frame();
  expect(work).not.toHaveBeenCalled();
  vi.advanceTimersByTime(1);
  expect(work).toHaveBeenCalledTimes(1);
  hand.dispatchEvent(new Event('keydown'));
  vi.runAllTimers();
  expect(work).toHaveBeenCalledTimes(1);
});

test.each(['keydown', 'pointerdown', 'pointermove', 'input', 'change'])('is done before the next %s', (kind) => {
  const order: string[] = [];
  afterFrame(() => order.push('work'));
  hand.addEventListener(kind, () => order.push('hand'));
  hand.dispatchEvent(new Event(kind));
  expect(order).toEqual(['work', 'hand']);
});

test('is done on a page that is out of sight, which has no frames', () => {
  const work = vi.fn();
  afterFrame(work);
  vi.advanceTimersByTime(200);
  expect(work).toHaveBeenCalledTimes(1);
});

test('is let go of', () => {
  const work = vi.fn();
  afterFrame(work)();
  frame();
  vi.runAllTimers();
  expect(work).not.toHaveBeenCalled();
});
