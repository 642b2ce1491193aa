import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, type PointerEvent } from 'react';
import type { DarkBarDocument, GrainDocument, MomentDraft, PictureDocument } from '@/types/generated';
import type { Session } from '../session/session';
import { develop, factorsOf, type Factors, type ToneTable } from './develop';
import { isElsewhere } from './pictures';
import type { Layers } from './space';

/** A pixel of a picture, from its upper left. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

interface Props {
  readonly picture: PictureDocument;
  /** The draft that it is of; null where a newer one could not be had. */
  readonly of: MomentDraft | null;
  /** Whether a hand has gone on to another place: the picture of that is on its way, which this one at other levels would only hold up. */
  readonly isPast: boolean;
  readonly layers: Layers;
  readonly factors: Factors;
  readonly tones: ToneTable;
  readonly showsLost: boolean;
  readonly grain: GrainDocument | null;
  readonly bar: DarkBarDocument | null;
  readonly width: number;
  readonly early: Session['early'];
  readonly onPoint: (at: Place | null) => void;
}

/** The picture itself. A change that only adds its layers up otherwise is painted before the page around it is drawn anew. */
export function PictureCanvas({ picture, of, isPast, layers, factors, tones, showsLost, grain, bar, width, early, onPoint }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const image = useMemo(() => new ImageData(layers.width, layers.height), [layers]);
  const shown = useRef<readonly unknown[]>([]);
  const show = useCallback(
    (now: Factors, barNow: DarkBarDocument | null): boolean => {
      const context = canvas.current?.getContext('2d');
      const next = [image, tones, showsLost, grain, now.room, now.flash, barNow];
      if (context == null || next.every((part, i) => part === shown.current[i])) return false;
      shown.current = next;
      develop(layers, now, tones, { showsLost, grain, bar: barNow }, image.data);
      context.putImageData(image, 0, 0);
      return true;
    },
    [layers, image, tones, showsLost, grain],
  );
  useLayoutEffect(() => {
    if (!isPast) show(factors, bar);
  }, [show, isPast, factors, bar]);
  useEffect(() => early(({ solution, draft }) => !isElsewhere(of, draft) && show(factorsOf(solution.levels), barOf(picture, draft))), [early, show, picture, of]);
  const point = (event: PointerEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const place = (share: number, size: number) => Math.max(0, Math.min(size - 1, Math.floor(share * size)));
    onPoint({ x: place((event.clientX - box.left) / box.width, layers.width), y: place((event.clientY - box.top) / box.height, layers.height) });
  };
  return (
    <canvas
      ref={canvas}
      width={layers.width}
      height={layers.height}
      role="img"
      aria-label={`The picture to expect. ${picture.sentences.join(' ')}`}
      className="block w-full rounded-md bg-sunk"
      style={{ maxWidth: width }}
      onPointerMove={point}
      onPointerDown={point}
      onPointerLeave={() => {
        onPoint(null);
      }}
    />
  );
}

/** A shutter over sync speed is refused, and has no picture of its own: the last one shows what would stay dark. */
export function barOf({ bars }: PictureDocument, { look }: MomentDraft): DarkBarDocument | null {
  return bars.find(({ shutter }) => shutter === look.locks.shutter) ?? null;
}
