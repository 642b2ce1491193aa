import { useMemo, type Dispatch, type SetStateAction } from 'react';
import type { Move } from './Handle';
import { useReader } from '@/lib/useReader';
import { fields, usual, type MomentDraft, type SectionDocument } from '@/types/generated';

/** Degrees to which the hand is rounded. */
const TURN = 5;

/** m to which a distance that follows is rounded. */
const FINE = 0.01;

/** Steps either way that are asked for once something is taken. */
const AHEAD = 12;

type What = 'subject' | 'camera' | 'ceiling' | 'tilt' | 'turn';
type Next = (draft: MomentDraft) => MomentDraft;
type Way = Pick<SectionDocument['pointing'], 'x' | 'y' | 'z'>;

export type Moves = Readonly<Record<What, (from: SectionDocument) => (move: Move) => void>>;

/**
 * What a hand does to the scene, as changes of the draft; whether they fit is for the server to
 * say. Once something is taken, the places where it may go next are asked for ahead.
 */
export function useMoves(change: Dispatch<SetStateAction<MomentDraft>>, ahead: (next: readonly Next[]) => void): Moves {
  const { grid } = useReader();
  return useMemo(() => {
    const handle = (what: What) => (from: SectionDocument) => {
      ahead(steps().map((step) => (draft) => NEXT[what](from, STEPS[what](from, step, draft, grid), draft, grid)(draft)));
      let taken: MomentDraft | null = null;
      return (move: Move) => {
        change((before) => {
          // The drawing may still show what was before the last change; the draft at hand counts.
          taken ??= before;
          const moved = NEXT[what](from, move, taken, grid)(before);
          // A hand that moves within the grid changes nothing.
          return JSON.stringify(moved) === JSON.stringify(before) ? before : moved;
        });
      };
    };
    return { subject: handle('subject'), camera: handle('camera'), ceiling: handle('ceiling'), tilt: handle('tilt'), turn: handle('turn') };
  }, [change, ahead, grid]);
}

/** Nearest first: −1, 1, −2, 2 … */
function steps(): readonly number[] {
  return Array.from({ length: 2 * AHEAD }, (_, i) => (i % 2 === 0 ? -1 : 1) * (1 + Math.floor(i / 2)));
}

/** The draft after a move from where something was taken, rounded to a grid of so many m. */
const NEXT: Readonly<Record<What, (from: SectionDocument, move: Move, taken: MomentDraft, grid: number) => Next>> = {
  subject: (from, hand, { camera, subject }, grid) => {
    const move = oneWay(hand);
    const distance = within(to(subject.distance + move.along, grid), { ...fields['subject.distance'], max: from.length - camera.fromBackWall - grid });
    const height = within(to(subject.height + move.up, grid / 2), fields['subject.height']);
    // What the hand does not mean stays off the grid, where it was.
    return (draft) => ({ ...draft, subject: move.up === 0 ? { ...subject, distance } : { ...subject, height } });
  },
  // The people stay where they are, so the distance follows.
  camera: (_, hand, { camera, subject }, grid) => {
    const face = camera.fromBackWall + subject.distance;
    const move = oneWay(hand);
    const fromBackWall = within(to(camera.fromBackWall + move.along, grid), { min: fields['camera.fromBackWall'].min, max: face - fields['subject.distance'].min });
    const height = within(to(camera.height + move.up, grid / 2), fields['camera.height']);
    const distance = to(face - fromBackWall, FINE);
    return (draft) => (move.up === 0 ? { ...draft, camera: { ...camera, fromBackWall }, subject: { ...draft.subject, distance } } : { ...draft, camera: { ...camera, height } });
  },
  ceiling: (_, move, { room }, grid) => {
    const height = within(to(room.height + move.up, grid), fields['room.height']);
    return (draft) => ({ ...draft, room: { ...draft.room, height } });
  },
  tilt: (from, move, taken) => {
    const { x, y, z } = toward(from, taken);
    // A head that looks aside keeps its turn; one in the plane of the section swings over.
    const aside = Math.abs(y) > Math.abs(x);
    const along = aside ? Math.hypot(x, y) : x + move.along;
    return pointed(aside ? degrees(Math.atan2(y, x)) : along < 0 ? 180 : 0, degrees(Math.atan2(z + move.up, Math.abs(along))));
  },
  turn: (from, move, taken) => {
    const way = toward(from, taken);
    const [x, y] = level(way);
    return pointed(degrees(Math.atan2(y + move.up, x + move.along)), Math.min(usual.steepestTurned, degrees(Math.asin(way.z))));
  },
};

/** A step of the grid as the move of a hand, from where something was taken. */
const STEPS: Readonly<Record<What, (from: SectionDocument, step: number, taken: MomentDraft, grid: number) => Move>> = {
  subject: (_, step, __, grid) => ({ along: step * grid, up: 0 }),
  camera: (_, step, __, grid) => ({ along: step * grid, up: 0 }),
  ceiling: (_, step, __, grid) => ({ along: 0, up: step * grid }),
  tilt: (from, step, taken) => {
    const { x, y, z } = toward(from, taken);
    const tilt = Math.asin(z) + radians(step * TURN);
    const reach = Math.hypot(x, y);
    return Math.abs(y) > Math.abs(x) ? { along: 0, up: reach * Math.tan(tilt) - z } : { along: Math.sign(x) * Math.cos(tilt) - x, up: Math.sin(tilt) - z };
  },
  turn: (from, step, taken) => {
    const [x, y] = level(toward(from, taken));
    const turn = Math.atan2(y, x) + radians(step * TURN);
    return { along: Math.cos(turn) - x, up: Math.sin(turn) - y };
  },
};

function pointed(turn: number, tilt: number): Next {
  const pointing = { turn: within(to(turn, TURN), fields['pointing.turn']), tilt: within(to(tilt, TURN), fields['pointing.tilt']) };
  return (draft) => ({ ...draft, head: 'by-hand', pointing });
}

/** Unit vector along which the head points: the hand's own angles, or where the answer has put it. */
function toward({ pointing }: SectionDocument, { head, pointing: angles }: MomentDraft): Way {
  if (head !== 'by-hand' || angles === null) return pointing;
  const [turn, tilt] = [radians(angles.turn), radians(angles.tilt)];
  return { x: Math.cos(tilt) * Math.cos(turn), y: Math.cos(tilt) * Math.sin(turn), z: Math.sin(tilt) };
}

/** Where a head points from above; ahead where it looks straight up. */
function level({ x, y }: Way): readonly [number, number] {
  return Math.hypot(x, y) > 0.1 ? [x, y] : [1, 0];
}

function to(value: number, grid: number): number {
  return Math.round(Math.round(value / grid) * grid * 100) / 100;
}

/** A hand that moves something one way does not mean the other. */
function oneWay({ along, up }: Move): Move {
  return Math.abs(along) >= Math.abs(up) ? { along, up: 0 } : { along: 0, up };
}

function within(value: number, { min, max }: { readonly min: number; readonly max: number }): number {
  return Math.max(min, Math.min(max, value));
}

function degrees(radian: number): number {
  return (radian * 180) / Math.PI;
}

function radians(degree: number): number {
  return (degree * Math.PI) / 180;
}
