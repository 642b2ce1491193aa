import type { PictureDocument } from '@/types/generated';
import { paint, place, type Layers } from '../picture/painter';
import type { Picture } from './painter';

/** The picture to expect without whoever moves, and without the lamps that draw their trails; painted once for each width. */
export function stillsOf(picture: PictureDocument): (width: number) => Layers {
  const still = { ...picture, figures: picture.figures.filter(({ isSubject }) => !isSubject), shiners: picture.shiners.filter(({ height }) => height !== null) };
  const painted = new Map<number, Layers>();
  return (width) => {
    const layers = painted.get(width) ?? paint(still, width, picture.fNumber);
    painted.set(width, layers);
    return layers;
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
