import type { AskedLookDocument, DragDraft, MomentDraft, ReadyLookDocument } from '@/types/generated';

const NOTHING: DragDraft = {
  movement: null,
  speed: null,
  heading: 0,
  tripod: false,
  camera: 'still',
  angle: 0,
  ratio: 1,
  moveSeconds: null,
  curtain: null,
  seconds: null,
  lamps: [],
  crowdSpeed: null,
  beats: null,
  wireless: false,
  focus: null,
  zoneFrom: null,
  zoneTo: null,
};

/** A draft with something else that moves. */
export function dragged(drag: Partial<DragDraft>) {
  return (before: MomentDraft): MomentDraft => ({ ...before, drag: { ...NOTHING, ...before.drag, ...drag } });
}

/** A look to start from: what it leaves alone stays. */
export function begun(look: ReadyLookDocument) {
  const { camera, angle, ratio, curtain, tripod, movement, crowdSpeed } = look;
  const drag = Object.fromEntries(Object.entries({ camera, angle, ratio, curtain, tripod, movement, crowdSpeed }).filter(([, value]) => value !== null)) as Partial<DragDraft>;
  return (before: MomentDraft): MomentDraft => {
    const after = dragged({ camera: 'still', ...drag })(before);
    return {
      ...after,
      look: {
        ...after.look,
        roomUnder: look.roomUnder ?? after.look.roomUnder,
        locks: look.shutter === null ? after.look.locks : { ...after.look.locks, shutter: look.shutter },
      },
    };
  };
}

/** The settings of a look that was asked for, held. */
export function taken(look: AskedLookDocument) {
  return (before: MomentDraft): MomentDraft => {
    const after = dragged({
      curtain: look.curtain,
      tripod: look.tripod,
      seconds: null,
      ...(look.kind === 'lamp-trails' ? { camera: 'sweep' as const, angle: look.angle, moveSeconds: null } : {}),
    })(before);
    return {
      ...after,
      look: { ...after.look, school: 'free-hand', withoutFlash: look.withoutFlash, locks: { shutter: look.shutter, aperture: look.aperture, iso: look.iso } },
    };
  };
}
