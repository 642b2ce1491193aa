import { memo, useCallback, useEffect, useMemo } from 'react';
import { useFrameLater } from '@/lib/useFrameLater';
import type { Form } from '@/lib/shape';
import type { DragDocument, LevelsDocument, PictureDocument } from '@/types/generated';
import { Warnings } from '@/ui/Warnings';
import type { Asking } from '../session/asking';
import type { Editing } from '../session/editing';
import { factorsOf, toneTable, type Factors } from '../picture/develop';
import { useCalmPicture } from '../picture/usePicture';
import { SETTLED } from '../session/useSettled';
import { CurtainLine } from './CurtainLine';
import { DragInputs } from './DragInputs';
import { DragPicture } from './DragPicture';
import { Looks } from './Looks';
import { makePainter } from './painter';
import { setInto, stillsOf } from './scene';

interface Props extends Editing {
  readonly asking: Asking;
  readonly form: Form;
  /** null until the part is opened for the first time. */
  readonly drag: DragDocument | null;
  readonly levels: LevelsDocument;
  /** Is told whether somebody looks. */
  readonly onWatch: (watched: boolean) => void;
  readonly isOff: boolean;
}

/** What a long exposure of the moment looks like, and what would change it; asked for as long as it is shown. */
export function DragPart({ asking, form, drag, levels, draft, faults, onChange, onWatch, isOff }: Props) {
  useEffect(() => {
    onWatch(true);
    return () => {
      onWatch(false);
    };
  }, [onWatch]);
  // What moves is answered first; the room behind follows when the draft has come to rest.
  const { sketch } = useCalmPicture(asking, draft, SETTLED);
  return (
    <section aria-labelledby="drag" className="grid gap-4">
      <h2 id="drag" className="text-lg">
        Drag: what moves while the shutter is open
      </h2>
      {drag !== null && sketch === null && <p role="status">Working out the light of the room behind …</p>}
      {drag !== null && sketch !== null && <Seen drag={drag} picture={sketch} levels={levels} isOff={isOff} />}
      <DragInputs form={form} drag={draft.drag} faults={faults} onChange={onChange} />
      {drag !== null && <Figures drag={drag} />}
      {drag !== null && <Looks asking={asking} draft={draft} looks={drag.looks} onChange={onChange} />}
    </section>
  );
}

/** Drawn anew with a new answer only; what is told of it comes first, the pictures a frame later. */
const Seen = memo(function Seen({ drag, picture, levels, isOff }: { readonly drag: DragDocument; readonly picture: PictureDocument; readonly levels: LevelsDocument; readonly isOff: boolean }) {
  const factors = useMemo(() => factorsOf(levels), [levels]);
  const painted = useFrameLater(useMemo(() => ({ drag, picture, factors }), [drag, picture, factors]));
  return (
    <div className="grid gap-5">
      <p className="text-lg">{drag.ghost.sentence}</p>
      <Pictures {...painted} />
      {drag.cautions.length > 0 && (
        <div className="grid gap-2">
          <Warnings rules={[]} cautions={drag.cautions} />
        </div>
      )}
      {drag.cures.length > 0 && (
        <div className="grid gap-1">
          <h3 className="font-semibold">What cleans them</h3>
          <ul className="grid list-inside list-disc gap-0.5">
            {drag.cures.map((cure) => (
              <li key={cure.kind}>{cure.sentence}</li>
            ))}
          </ul>
        </div>
      )}
      <section aria-label="Curtains" className="grid gap-2">
        <h3 className="font-semibold">Which curtain</h3>
        <p>{drag.advice}</p>
        <CurtainLine curtains={drag.curtains} isOff={isOff} />
      </section>
    </div>
  );
});

const Pictures = memo(function Pictures({ drag, picture, factors }: { readonly drag: DragDocument; readonly picture: PictureDocument; readonly factors: Factors }) {
  const { figure, trails, before } = drag;
  const tones = useMemo(() => toneTable(picture), [picture]);
  const stills = useMemo(() => stillsOf(picture), [picture]);
  const painterOf = useCallback(
    (width: number) => makePainter(setInto({ figure, trails, before }, picture), { still: stills(width), factors, roomTint: picture.roomTint, flashTint: picture.flashTint }),
    [figure, trails, before, picture, stills, factors],
  );
  return <DragPicture painterOf={painterOf} aspect={picture.aspect} tones={tones} curtains={drag.curtains} chosen={drag.curtain} seconds={drag.seconds} settings={drag.settings} />;
});

/** What the picture does not say. */
const Figures = memo(function Figures({ drag }: { readonly drag: DragDocument }) {
  return (
    <dl className="grid gap-x-6 gap-y-3 md:grid-cols-2">
      <Told name="The pop itself">{drag.pop.sentence}</Told>
      <Told name="Hands">{drag.shakeSentence}</Told>
      {alike(drag.trails).map(([sentence, lamps]) => (
        <Told key={lamps} name={lamps}>
          {sentence}
        </Told>
      ))}
      <Told name="Beat of the lamps">{drag.flicker.sentence}</Told>
      {drag.crowd !== null && <Told name="The crowd">{drag.crowd.sentence}</Told>}
      {drag.beats !== null && <Told name="The music">{drag.beats.sentence}</Told>}
      <Told name="Focus">{drag.zone.sentence}</Told>
      <Told name="How sure">{drag.doubt}</Told>
    </dl>
  );
});

/** Lamps of which the same is told, together: "Lamps 1, 2, 5". */
function alike(trails: DragDocument['trails']): [string, string][] {
  const groups = new Map<string, number[]>();
  trails.forEach(({ sentence }, i) => groups.set(sentence, [...(groups.get(sentence) ?? []), i + 1]));
  return [...groups].map(([sentence, lamps]) => [sentence, `${lamps.length === 1 ? 'Lamp' : 'Lamps'} ${lamps.join(', ')}`]);
}

function Told({ name, children }: { readonly name: string; readonly children: string }) {
  return (
    <div className="grid content-start gap-0.5 border-t border-line pt-2">
      <dt className="font-semibold">{name}</dt>
      <dd className="text-sm">{children}</dd>
    </div>
  );
}
