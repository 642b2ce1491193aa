import { useMemo, type Dispatch, type SetStateAction } from 'react';
import type { Move } from '@/charts/Handle';
import { limits, type MomentDraft, type SectionDocument } from '@/types/generated';

/** m and degrees to which the hand is rounded. */
const GRID = 0.05;
const TURN = 5;

/** m from head to the handle that points it; only its direction counts. */
const REACH = 1;

export type Moves = Readonly<Record<'subject' | 'camera' | 'ceiling' | 'tilt' | 'turn', (from: SectionDocument) => (move: Move) => void>>;

/** What a hand does to the scene, as changes of the draft; whether they fit is for the server to say. */
export function useMoves(change: Dispatch<SetStateAction<MomentDraft>>): Moves {
  return useMemo(() => {
    // A hand that moves within the grid changes nothing.
    const put = (next: (draft: MomentDraft) => MomentDraft) => {
      change((draft) => {
        const moved = next(draft);
        return JSON.stringify(moved) === JSON.stringify(draft) ? draft : moved;
      });
    };
    const pointing = (turn: number, tilt: number) => {
      put((draft) => ({ ...draft, head: 'by-hand', pointing: { turn: within(to(turn, TURN), limits['pointing.turn']), tilt: within(to(tilt, TURN), limits['pointing.tilt']) } }));
    };
    return {
      subject: (from) => (hand) => {
        const move = oneWay(hand);
        const distance = within(to(from.face.x - from.camera.x + move.along, GRID), { ...limits['subject.distance'], max: from.length - from.camera.x - GRID });
        const height = within(to(from.face.z + move.up, GRID), limits['subject.height']);
        put((draft) => ({ ...draft, subject: { distance, height } }));
      },
      // The people stay where they are, so the distance follows.
      camera: (from) => (hand) => {
        const move = oneWay(hand);
        const fromBackWall = within(to(from.camera.x + move.along, GRID), { min: limits['camera.fromBackWall'].min, max: from.face.x - limits['subject.distance'].min });
        const height = within(to(from.camera.z + move.up, GRID), limits['camera.height']);
        put((draft) => ({ ...draft, camera: { fromBackWall, height }, subject: { ...draft.subject, distance: to(from.face.x - fromBackWall, GRID) } }));
      },
      ceiling: (from) => (move) => {
        put((draft) => ({ ...draft, room: { ...draft.room, height: within(to(from.height + move.up, 2 * GRID), limits['room.height']) } }));
      },
      tilt: (from) => (move) => {
        const { x, y, z } = from.pointing;
        const level = Math.hypot(x, y);
        // A head that looks aside keeps its turn; one in the plane of the section swings over.
        const aside = Math.abs(y) > Math.abs(x);
        const along = (aside ? level : x) * REACH + (aside ? 0 : move.along);
        pointing(aside ? degrees(Math.atan2(y, x)) : along < 0 ? 180 : 0, degrees(Math.atan2(z * REACH + move.up, Math.abs(along))));
      },
      turn: (from) => (move) => {
        const { x, y, z } = from.pointing;
        const level = Math.hypot(x, y) > 0.1 ? { x, y } : { x: 1, y: 0 };
        pointing(degrees(Math.atan2(level.y * REACH + move.up, level.x * REACH + move.along)), Math.min(75, degrees(Math.asin(z))));
      },
    };
  }, [change]);
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

function degrees(radians: number): number {
  return (radians * 180) / Math.PI;
}
