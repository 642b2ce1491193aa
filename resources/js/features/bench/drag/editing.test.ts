import { describe, expect, it } from 'vitest';
import type { AskedLookDocument, DragDraft, MomentDraft, ReadyLookDocument } from '@/types/generated';
import { begun, dragged, taken } from './editing';

function draft(drag: Partial<DragDraft> | null = null): MomentDraft {
  return {
    name: 'First dance',
    look: { roomUnder: 1, school: 'shutter-first', withoutFlash: false, locks: { shutter: null, aperture: 'f/4', iso: null } },
    drag,
  } as unknown as MomentDraft;
}

const READY: ReadyLookDocument = {
  look: 'sweep-along',
  name: 'sweep with the dancer',
  sentence: '',
  ask: null,
  shutter: '1/8',
  roomUnder: 2,
  camera: 'sweep',
  angle: 6,
  ratio: null,
  curtain: null,
  tripod: false,
  movement: 'dance',
  crowdSpeed: null,
} as unknown as ReadyLookDocument;

const ASKED: AskedLookDocument = {
  kind: 'lamp-trails',
  isMet: true,
  isRuledOut: false,
  shutter: '1/4',
  aperture: 'f/8',
  iso: '200',
  output: '1/8',
  withoutFlash: false,
  curtain: 'first',
  tripod: false,
  angle: 12,
  focus: 3,
  misses: [],
  sentence: '',
} as unknown as AskedLookDocument;

describe('something else that moves', () => {
  it('begins from stillness where nobody said anything', () => {
    const { drag } = dragged({ beats: 110 })(draft());
    expect(drag).toMatchObject({ beats: 110, camera: 'still', tripod: false, ratio: 1, lamps: [], curtain: null });
  });

  it('leaves what was said before, and the draft that it was made from', () => {
    const before = draft({ beats: 110, tripod: true });
    expect(dragged({ tripod: false })(before).drag).toMatchObject({ beats: 110, tripod: false });
    expect(before.drag).toEqual({ beats: 110, tripod: true });
  });
});

describe('a look to start from', () => {
  it('brings what it names, and leaves what it does not', () => {
    const after = begun(READY)(draft({ beats: 96, ratio: 1.5, curtain: 'second' }));
    expect(after.drag).toMatchObject({ camera: 'sweep', angle: 6, movement: 'dance', beats: 96, ratio: 1.5, curtain: 'second' });
    expect(after.look).toMatchObject({ roomUnder: 2, locks: { shutter: '1/8', aperture: 'f/4', iso: null }, school: 'shutter-first' });
  });

  it('holds the camera still again where it says nothing of it', () => {
    const after = begun({ ...READY, camera: null, shutter: null, roomUnder: null })(draft({ camera: 'twist' }));
    expect(after.drag?.camera).toBe('still');
    expect(after.look).toMatchObject({ roomUnder: 1, locks: { shutter: null, aperture: 'f/4', iso: null } });
  });
});

describe('a look that was asked for', () => {
  it('holds all three settings by hand', () => {
    const after = taken(ASKED)(draft({ seconds: 4 }));
    expect(after.look).toMatchObject({ school: 'free-hand', withoutFlash: false, locks: { shutter: '1/4', aperture: 'f/8', iso: '200' } });
    expect(after.drag).toMatchObject({ seconds: null, curtain: 'first', tripod: false });
  });

  it('sweeps the camera for lamps, and only for them', () => {
    expect(taken(ASKED)(draft({ camera: 'zoom', angle: 3 })).drag).toMatchObject({ camera: 'sweep', angle: 12 });
    expect(taken({ ...ASKED, kind: 'silhouette', withoutFlash: true })(draft({ camera: 'zoom', angle: 3 })).drag).toMatchObject({ camera: 'zoom', angle: 3 });
  });
});
