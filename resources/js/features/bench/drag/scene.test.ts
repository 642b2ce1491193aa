import { describe, expect, test } from 'vitest';
import type { FigureDocument, PictureDocument, PictureFigureDocument } from '@/types/generated';
import { setInto, stillsOf } from './scene';

const person = (at: number[], isOfGroup: boolean, isSubject: boolean): PictureFigureDocument => ({ kind: 'person', isOfGroup, isSubject, at, cloth: 1, face: 1.5, room: 1, front: [1, 1, 1], left: 1, right: 1, above: 1, below: 1, blur: 0 });

/** A level camera at 1.5 m that shows a width as wide as it is far; two at 4 m, one of the group at 8 m, a guest at 9 m. */
const picture: PictureDocument = {
  version: 1,
  eye: [0, 3, 1.5],
  forward: [1, 0, 0],
  right: [0, -1, 0],
  up: [0, 0, 1],
  half: 0.5,
  aspect: 2 / 3,
  surfaces: [],
  figures: [person([9, 2, 1.5], false, false), person([8, 3, 1.5], true, false), person([4, 2, 1.5], true, false), person([4, 3, 1.5], true, true)],
  shiners: [],
  outlineAcross: [0, 0.1, 0.2, 0.15],
  outlineUp: [0.13, 0, -0.3, -1.5],
  roomTint: [1, 1, 1],
  flashTint: [1, 1, 1],
  spots: [],
  tones: [0, 255],
  brightest: 8,
  fNumber: 4,
  shadow: null,
  grain: { shot: 0, read: 0 },
  bars: [],
  sentences: [],
};

const figure: FigureDocument = { outlineAcross: [-0.05, 0.05, 0.05, -0.05], outlineUp: [0.05, 0.05, -0.3, -0.3], across: [0, 0.1], up: [0.2, 0.2], scale: [1, 1], turn: [0, 0], room: 1, pop: 1 };

describe('a drag in its picture', () => {
  test('begins where the picture shows the face, whatever it was told for', () => {
    const set = setInto({ figure, trails: [], before: [] }, picture);
    expect([set.figure.across, set.figure.up].flat()).toEqual([0, 0.1, 0, 0].map((at) => expect.closeTo(at, 9) as number));
  });

  test('takes all of the group along, each at its place and size, and no guest', () => {
    const [behind, beside, first, ...more] = setInto({ figure, trails: [], before: [] }, picture).outlines;
    expect(more).toEqual([]);
    expect(first?.outlineAcross).toEqual(figure.outlineAcross);
    expect(beside?.outlineAcross[0]).toBeCloseTo(0.25 - 0.05, 9);
    expect(beside?.outlineUp).toEqual(figure.outlineUp);
    expect(behind?.outlineAcross[1]).toBeCloseTo(0.025, 9);
    expect(behind?.outlineUp[2]).toBeCloseTo(-0.15, 9);
  });

  test('leaves a picture of those who stay', () => {
    const still = stillsOf(picture)(90);
    const lightAt = (x: number) => still.flash[3 * (Math.round(still.height / 2) * 90 + Math.round((0.5 + x) * 90))] ?? NaN;
    expect(lightAt(1 / 9)).toBeGreaterThan(0.5);
    expect([lightAt(0), lightAt(0.25)]).toEqual([0, 0]);
  });
});
