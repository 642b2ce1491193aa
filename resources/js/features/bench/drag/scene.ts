import type { PictureDocument } from '@/types/generated';
import type { Factors } from '../picture/develop';
import { paint, place } from '../picture/painter';
import type { Picture, Scene } from './painter';

/** The picture to expect without whoever moves, and without the lamps that draw their trails. */
export function sceneOf(picture: PictureDocument, factors: Factors, width: number): Scene {
  const still = { ...picture, figures: picture.figures.filter(({ isSubject }) => !isSubject), shiners: picture.shiners.filter(({ height }) => height !== null) };
  const layers = paint(still, width, picture.fNumber);
  return {
    width,
    height: layers.height,
    room: layers.room.map((light) => light * factors.room),
    flash: layers.flash.map((light) => light * factors.flash),
    roomTint: picture.roomTint,
    flashTint: picture.flashTint,
  };
}

/** A drag, reckoned before a level lens, set where the picture shows the face as the shutter opens. */
export function setInto(drag: Picture, picture: PictureDocument): Picture {
  const subject = picture.figures.find(({ isSubject }) => isSubject);
  const face = subject === undefined ? null : place(picture, subject.at);
  const { figure, trails } = drag;
  if (face === null) return drag;
  const [right, up] = [face.across - (figure.across[0] ?? 0), face.up - (figure.up[0] ?? 0)];
  const by = (step: number) => (values: readonly number[]) => values.map((value) => value + step);
  const moved = <T extends { readonly across: readonly number[]; readonly up: readonly number[] }>(thing: T): T => ({ ...thing, across: by(right)(thing.across), up: by(up)(thing.up) });
  return { figure: moved(figure), trails: trails.map(moved) };
}
