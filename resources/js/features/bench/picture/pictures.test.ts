import { expect, test } from 'vitest';
import type { MomentDraft, PictureDocument, ViewDraft } from '@/types/generated';
import { answered, draftAt, questions } from '../session/fake';
import { isElsewhere, makePictures, NONE, type Seen } from './pictures';

const VIEW: ViewDraft = { tilt: 0, turn: 0, upright: false };

function pictureOf(flash: readonly number[], sentence: string): PictureDocument {
  return { surfaces: [{ name: 'floor', flash }], sentences: [sentence], spots: [], grain: {}, bars: [] } as unknown as PictureDocument;
}

function start() {
  const asked = questions<number, PictureDocument>();
  let seen: Seen = NONE;
  const pictures = makePictures({ picture: (draft) => asked.ask(draft.subject.distance) }, (next) => {
    seen = next;
  });
  return { asked, pictures, seen: () => seen };
}

test('one question is under way, only the newest draft waits, and none is asked for twice', async () => {
  const { asked, pictures, seen } = start();
  const [three, five] = [draftAt(3), draftAt(5)];
  pictures.ask(three, VIEW);
  pictures.ask(draftAt(4), VIEW);
  pictures.ask(five, VIEW);
  pictures.ask(five, VIEW);
  expect(asked.asked).toEqual([3]);
  await asked.answer(0, answered(pictureOf([1], 'three')));
  expect(seen().of).toEqual([three, VIEW]);
  expect(asked.asked).toEqual([3, 5]);
  await asked.answer(1, answered(pictureOf([2], 'five')));
  expect(seen().picture?.sentences).toEqual(['five']);
  pictures.ask(five, { ...VIEW, tilt: 5 });
  expect(asked.asked).toEqual([3, 5, 5]);
});

test('what is painted stays the same while only words of it change', async () => {
  const { asked, pictures, seen } = start();
  const first = pictureOf([1, 2], 'a stop under');
  for (const [distance, picture, sketch] of [[3, first, first], [4, pictureOf([1, 2], 'half a stop under'), first], [5, pictureOf([1, 3], 'half a stop under'), null]] as const) {
    pictures.ask(draftAt(distance), VIEW);
    await asked.answer(asked.asked.length - 1, answered(picture));
    expect(seen().picture).toBe(picture);
    expect(seen().sketch).toBe(sketch ?? picture);
  }
});

test('the last picture stays where one is refused, and is of nothing any more', async () => {
  const { asked, pictures, seen } = start();
  const good = pictureOf([1], 'seen');
  pictures.ask(draftAt(3), VIEW);
  await asked.answer(0, answered(good));
  pictures.ask(draftAt(4), VIEW);
  await asked.answer(1, { kind: 'refused', faults: { 'view.tilt': 'The tilt must be less.' } });
  expect(seen()).toEqual({ picture: good, sketch: good, faults: { 'view.tilt': 'The tilt must be less.' }, of: null });
  pictures.ask(draftAt(5), VIEW);
  await asked.answer(2, answered(good));
  expect(seen().faults).toEqual({});
});

test('a draft that asks for other light is of the same place, one that moves anything is not', () => {
  const draft = { ...draftAt(3), look: { roomUnder: 1 } } as unknown as MomentDraft;
  expect(isElsewhere(draft, { ...draft, look: { ...draft.look, roomUnder: 2 } })).toBe(false);
  expect(isElsewhere(draft, { ...draft, subject: { ...draft.subject, distance: 3.1 } })).toBe(true);
  expect(isElsewhere(null, draft)).toBe(false);
});
