import { useEffect, useRef, useState } from 'react';
import type { MomentDraft, PictureDocument, ViewDraft } from '@/types/generated';
import type { Asking } from '../session/asking';

type Faults = Readonly<Partial<Record<string, string>>>;

interface Seen {
  readonly picture: PictureDocument | null;
  /** The last one that is to be painted otherwise than the one before: a click of most settings moves no place and no light. */
  readonly sketch: PictureDocument | null;
  readonly faults: Faults;
  /** What it is of; null for nothing yet, and where the last could not be had. */
  readonly of: readonly [MomentDraft, ViewDraft] | null;
}

/** How a camera is held until somebody holds it otherwise. */
export const AS_USUAL: ViewDraft = { tilt: 0, turn: 0, upright: false };

/** Whether a picture is of the draft, a newer one is on its way, or the last could not be had. */
export type Standing = 'new' | 'coming' | 'old';

/**
 * The newest picture of a draft, and how it stands to it; one request is under way at most, and only the newest draft waits.
 *
 * @param rest ms that a draft must stand still before another picture is asked for, where something else is waited for more
 */
export function usePicture(asking: Asking, draft: MomentDraft, view: ViewDraft, rest = 0): { readonly picture: PictureDocument | null; readonly sketch: PictureDocument | null; readonly faults: Faults; readonly standing: Standing } {
  const [{ picture, sketch, faults, of }, setSeen] = useState<Seen>({ picture: null, sketch: null, faults: {}, of: null });
  const waits = useRef<(() => void) | null>(null);
  const isAsking = useRef(false);
  const isFirst = useRef(true);
  useEffect(() => {
    const ask = () => {
      isAsking.current = true;
      void asking.picture(draft, view).then((answer) => {
        isAsking.current = false;
        setSeen((before) => ({
          picture: answer.kind === 'answered' ? answer.value : before.picture,
          sketch: answer.kind === 'answered' && !areAlike(answer.value, before.sketch) ? answer.value : before.sketch,
          faults: answer.kind === 'refused' ? answer.faults : {},
          of: answer.kind === 'answered' ? [draft, view] : null,
        }));
        const next = waits.current;
        waits.current = null;
        next?.();
      });
    };
    const go = () => {
      if (isAsking.current) waits.current = ask;
      else ask();
    };
    const calm = isFirst.current ? 0 : rest;
    isFirst.current = false;
    if (calm === 0) {
      go();
      return undefined;
    }
    const timer = setTimeout(go, calm);
    return () => {
      clearTimeout(timer);
    };
  }, [asking, draft, view, rest]);
  const isOf = of !== null && of[0] === draft && of[1] === view;
  return { picture, sketch, faults, standing: isOf ? 'new' : of === null && picture !== null ? 'old' : 'coming' };
}

/** Whether nothing that is painted differs. */
function areAlike(picture: PictureDocument, other: PictureDocument | null): boolean {
  const painted = (of: PictureDocument) => JSON.stringify({ ...of, sentences: [], spots: [], grain: null, bars: [] });
  return other !== null && painted(picture) === painted(other);
}
