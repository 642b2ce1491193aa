import type { Faults } from '@/lib/http';
import { areEqual } from '@/lib/shared';
import type { MomentDraft, PictureDocument, ViewDraft } from '@/types/generated';
import type { Asking } from '../session/asking';

export interface Seen {
  readonly picture: PictureDocument | null;
  /** The last one that is to be painted otherwise than the one before: a click of most settings moves no place and no light. */
  readonly sketch: PictureDocument | null;
  readonly faults: Faults;
  /** What it is of; null for nothing yet, and where the last could not be had. */
  readonly of: readonly [MomentDraft, ViewDraft] | null;
}

export const NONE: Seen = { picture: null, sketch: null, faults: {}, of: null };

export interface Pictures {
  /** Asks for a picture, once. */
  readonly ask: (draft: MomentDraft, view: ViewDraft) => void;
}

/** Pictures as they come; one question is under way at most, and only the newest waits. */
export function makePictures(asking: Pick<Asking, 'picture'>, tell: (seen: Seen) => void): Pictures {
  let seen = NONE;
  let asked: readonly [MomentDraft, ViewDraft] | null = null;
  let isNew = false;
  let isAsking = false;
  const work = async () => {
    isAsking = true;
    while (isNew && asked !== null) {
      const of = asked;
      isNew = false;
      const answer = await asking.picture(...of);
      seen = answer.kind === 'answered' ? { picture: answer.value, sketch: sketched(seen.sketch, answer.value), faults: NONE.faults, of } : { ...seen, faults: answer.kind === 'refused' ? answer.faults : NONE.faults, of: null };
      tell(seen);
    }
    isAsking = false;
  };
  return {
    ask: (draft, view) => {
      if (asked?.[0] === draft && asked[1] === view) return;
      asked = [draft, view];
      isNew = true;
      if (!isAsking) void work();
    },
  };
}

/** Whether a picture is of another place than a draft, which differs from its own in more than what is asked of the light; of none it is not. */
export function isElsewhere(of: MomentDraft | null, draft: MomentDraft): boolean {
  return of !== null && !areEqual({ ...of, look: null }, { ...draft, look: null });
}

/** The one before, where nothing that is painted differs. */
function sketched(before: PictureDocument | null, picture: PictureDocument): PictureDocument {
  const painted = (of: PictureDocument) => ({ ...of, sentences: null, spots: null, grain: null, bars: null });
  return before !== null && areEqual(painted(before), painted(picture)) ? before : picture;
}
