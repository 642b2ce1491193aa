import { useEffect, useLayoutEffect, useState } from 'react';
import type { MomentDraft, ViewDraft } from '@/types/generated';
import type { Asking } from '../session/asking';
import type { Session } from '../session/session';
import { makePictures, NONE, type Pictures, type Seen } from './pictures';

/** How a camera is held until somebody holds it otherwise. */
export const AS_USUAL: ViewDraft = { tilt: 0, turn: 0, upright: false };

/** Whether a picture is of the draft, a newer one is on its way, or the last could not be had. */
export type Standing = 'new' | 'coming' | 'old';

interface Pictured extends Seen {
  readonly standing: Standing;
}

/** The newest picture of a draft, and how it stands to it. A draft is answered first; its picture comes along behind that answer or, where it did not, is asked for then. */
export function usePicture(asking: Asking, early: Session['early'], draft: MomentDraft, view: ViewDraft, answered: boolean): Pictured {
  const [pictures, seen] = usePictures(asking);
  useLayoutEffect(
    () =>
      early((state) => {
        if (state.answered) pictures.ask(state.draft, view);
        return false;
      }),
    [early, pictures, view],
  );
  useEffect(() => {
    if (answered) pictures.ask(draft, view);
  }, [pictures, draft, view, answered]);
  // Only one that has been seen: none is refused for how the camera is held, and its settings with it.
  const good = seen.of?.[1] ?? null;
  useEffect(() => {
    asking.watchPicture(good);
    return () => {
      asking.watchPicture(null);
    };
  }, [asking, good]);
  return { ...seen, standing: standingOf(seen, draft, view) };
}

/** The same, but for the first asked for only when a draft has stood still for so many ms, as something else is waited for more. */
export function useCalmPicture(asking: Asking, draft: MomentDraft, calm: number): Seen {
  const [pictures, seen] = usePictures(asking);
  const isFirst = seen.of === null;
  useEffect(() => {
    const timer = setTimeout(() => { pictures.ask(draft, AS_USUAL); }, isFirst ? 0 : calm);
    return () => {
      clearTimeout(timer);
    };
  }, [pictures, draft, calm, isFirst]);
  return seen;
}

function usePictures(asking: Asking): readonly [Pictures, Seen] {
  const [seen, setSeen] = useState(NONE);
  const [pictures] = useState(() => makePictures(asking, setSeen));
  return [pictures, seen];
}

function standingOf({ of, picture }: Seen, draft: MomentDraft, view: ViewDraft): Standing {
  if (of?.[0] === draft && of[1] === view) return 'new';
  return of === null && picture !== null ? 'old' : 'coming';
}
