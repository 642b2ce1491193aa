import { get, post, postForTwo, put, remove, type Answer } from '@/lib/http';
import type { AskDraft, AskedLookDocument, BenchState, ColourDocument, CostsDocument, DragData, MomentDraft, PictureDocument, PinData, SolutionDocument, ViewDraft, WaysDocument } from '@/types/generated';

/** What can be asked beside the settings, once a draft has come to rest. */
export interface Settled {
  readonly colour: ColourDocument;
  readonly costs: CostsDocument;
  /** Null for a flash that is off. */
  readonly ways: WaysDocument | null;
  readonly compare: readonly PinData[];
}

/** Whoever answers for a moment: the server now; a table that was taken along would do as well. */
export interface Asking {
  readonly solve: (draft: MomentDraft) => Promise<Answer<SolutionDocument>>;
  /** The same, and what the long exposure looks like. */
  readonly drag: (draft: MomentDraft) => Promise<Answer<DragData>>;
  /** Answers to drafts that differ from one in what a hand moves; null where there is none. */
  readonly strip: (draft: MomentDraft, next: readonly MomentDraft[]) => Promise<Answer<readonly (SolutionDocument | null)[]>>;
  readonly settled: <K extends keyof Settled>(what: K, draft: MomentDraft) => Promise<Answer<Settled[K]>>;
  /** What the camera sees of it. */
  readonly picture: (draft: MomentDraft, view: ViewDraft) => Promise<Answer<PictureDocument>>;
  /** Says that pictures from there are watched, and so may come along with the answers; null for none. */
  readonly watchPicture: (view: ViewDraft | null) => void;
  /** Settings for a look. */
  readonly look: (draft: MomentDraft, ask: AskDraft) => Promise<Answer<AskedLookDocument>>;
  readonly stored: () => Promise<Answer<BenchState>>;
  readonly store: (draft: MomentDraft, revision: string) => Promise<Answer<BenchState>>;
  /** Takes the last change back, or makes it again. */
  readonly step: (what: 'undo' | 'redo', revision: string) => Promise<Answer<BenchState>>;
  readonly pin: (draft: MomentDraft) => Promise<Answer<readonly PinData[]>>;
  readonly unpin: (id: string) => Promise<Answer<null>>;
}

/** Over the network. */
export function askingServer(momentId: number): Asking {
  const url = `/moments/${momentId}`;
  const together = makeTogether(url);
  return {
    ...together,
    strip: (draft, next) => post(`${url}/strip`, { ...draft, strip: next.map(moved) }),
    settled: (what, draft) => post(`${url}/${what}`, draft),
    drag: (draft) => post(`${url}/drag`, draft),
    look: (draft, ask) => post(`${url}/ask`, { ...draft, ask }),
    stored: () => get(`${url}/state`),
    store: (draft, revision) => put(url, { ...draft, revision }),
    step: (what, revision) => post(`${url}/${what}`, { revision }),
    pin: (draft) => post(`${url}/pins`, draft),
    unpin: (id) => remove(`${url}/pins/${id}`),
  };
}

/**
 * Settings, and the picture that is wanted next, over one request where nothing else is under way: the settings come first, and the
 * picture does not wait for a request of its own. While a hand goes on, each is asked for alone, so that no settings wait behind the
 * picture of a place that nobody stops at.
 */
function makeTogether(url: string): Pick<Asking, 'solve' | 'picture' | 'watchPicture'> {
  let watched: ViewDraft | null = null;
  let underWay = 0;
  let brought: { readonly draft: MomentDraft; readonly view: ViewDraft; readonly picture: Promise<Answer<PictureDocument>> } | null = null;
  const counted = async <T>(answer: Promise<Answer<T>>): Promise<Answer<T>> => {
    underWay++;
    const told = await answer;
    underWay--;
    return told;
  };
  return {
    solve: (draft) => {
      if (watched === null || underWay > 0) return counted(post<SolutionDocument>(`${url}/solve`, draft));
      const [solution, picture] = postForTwo<SolutionDocument, PictureDocument>(`${url}/pictured`, { ...draft, view: watched });
      brought = { draft, view: watched, picture: counted(picture) };
      return solution;
    },
    picture: (draft, view) => {
      const along = brought;
      brought = null;
      return along?.draft === draft && along.view === view ? along.picture : counted(post<PictureDocument>(`${url}/picture`, { ...draft, view }));
    },
    watchPicture: (view) => {
      watched = view;
    },
  };
}

/** The parts of a draft that may be asked for ahead. */
function moved({ camera, subject, room, look, glow: { ev }, head, pointing }: MomentDraft) {
  return { camera, subject, room, look, head, pointing, ...(ev === null ? {} : { glow: { ev } }) };
}
