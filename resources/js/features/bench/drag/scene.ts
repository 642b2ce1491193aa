import type { FigureDocument, PictureDocument } from '@/types/generated';
import { paint, place } from '../picture/painter';
import type { Layers } from '../picture/space';
import type { Outline, Picture, Told } from './painter';

/** The picture to expect without those who move, and without the lamps that draw their trails; painted once for each width. */
export function stillsOf(picture: PictureDocument): (width: number) => Layers {
  const still = { ...picture, figures: picture.figures.filter(({ isOfGroup }) => !isOfGroup), shiners: picture.shiners.filter(({ height }) => height !== null) };
  const painted = new Map<number, Layers>();
  return (width) => {
    const layers = painted.get(width) ?? paint(still, width, picture.fNumber);
    painted.set(width, layers);
    return layers;
  };
}

/** A drag, reckoned before a level lens, set where the picture shows the face as the shutter opens; all of a group go the same way. */
export function setInto({ figure, trails, before }: Told, picture: PictureDocument): Picture {
  const subject = picture.figures.find(({ isSubject }) => isSubject);
  const face = subject === undefined ? null : place(picture, subject.at);
  if (face === null) return { figure, outlines: [figure], trails, before };
  const outlines = picture.figures.flatMap(({ isOfGroup, at }) => {
    const there = isOfGroup ? place(picture, at) : null;
    return there === null ? [] : [outlineAt(figure, there.across - face.across, there.up - face.up, face.wide / there.wide)];
  });
  const [right, up] = [face.across - (figure.across[0] ?? 0), face.up - (figure.up[0] ?? 0)];
  const by = (step: number) => (values: readonly number[]) => values.map((value) => value + step);
  const moved = <T extends { readonly across: readonly number[]; readonly up: readonly number[] }>(thing: T): T => ({ ...thing, across: by(right)(thing.across), up: by(up)(thing.up) });
  return { figure: moved(figure), outlines, trails: trails.map(moved), before };
}

/** The cut-out of another of the group, told from the first face. */
function outlineAt({ outlineAcross, outlineUp }: FigureDocument, across: number, up: number, scale: number): Outline {
  return { outlineAcross: outlineAcross.map((corner) => across + scale * corner), outlineUp: outlineUp.map((corner) => up + scale * corner) };
}
