import { memo, useMemo, useState, type CSSProperties } from 'react';
import { useWidth } from '@/charts/useWidth';
import { signed } from '@/lib/format';
import { saveStill, STILL_WIDTH } from '@/lib/still';
import { useFrameLater } from '@/lib/useFrameLater';
import { useKept } from '@/lib/useKept';
import { fields, viewFields, type DarkBarDocument, type MomentDraft, type PictureDocument, type SolutionDocument } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import type { Asking } from '../session/asking';
import type { Editing } from '../session/editing';
import type { Session } from '../session/session';
import { barOf, PictureCanvas, type Place } from './PictureCanvas';
import { Tones } from './Tones';
import { develop, factorsOf, histogramOf, lightOf, PLAIN, toneTable, type Factors, type Manner, type ToneTable } from './develop';
import { paint } from './painter';
import { isElsewhere } from './pictures';
import type { Layers } from './space';
import { AS_USUAL, usePicture, type Standing } from './usePicture';

interface Props extends Editing {
  readonly asking: Asking;
  readonly solution: SolutionDocument;
  /** Whether the draft has been answered. */
  readonly answered: boolean;
  readonly early: Session['early'];
}

/** px that a picture is reckoned wide at the most: more shows nothing new and takes longer than a frame of the screen. */
const MOST = 560;

const WAITS = { coming: 'Working out the light…', old: 'From before the last change.' } as const;

/** What the camera will see at these settings. */
export function PicturePart({ asking, solution, answered, early, draft, faults, onChange }: Props) {
  const [view, setView] = useState(AS_USUAL);
  const { picture, sketch, faults: refused, of, standing } = usePicture(asking, early, draft, view, answered);
  const from = of?.[0] ?? null;
  const [box, width] = useWidth();
  const factors = useMemo(() => factorsOf(solution.levels), [solution.levels]);
  const bar = picture === null ? null : barOf(picture, draft);
  const settings = `${solution.shutter.label}${solution.shutter.label.endsWith('s') ? '' : ' s'}, ${solution.aperture.label}, ISO ${solution.iso.label}, flash ${solution.output.label}`;
  return (
    <section aria-labelledby="picture" className="grid gap-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="picture" className="text-lg">
          The picture to expect
        </h2>
        <p className="text-sm text-faint">A drawing of light, not a photograph.</p>
      </div>
      <div ref={box} aria-busy={standing === 'coming'}>
        {picture !== null && sketch !== null && width > 0 && <Shown picture={picture} of={from} isPast={isElsewhere(from, draft)} sketch={sketch} width={Math.min(width, view.upright ? 420 : Infinity)} factors={factors} settings={settings} standing={standing} bar={bar} early={early} />}
      </div>
      <Fold title="Hold the camera otherwise" level="h3" forced={Object.keys(refused).some((field) => field.startsWith('view'))}>
        <div className="grid gap-3 sm:grid-cols-3">
          <NumberField field={viewFields.tilt} travel="step" value={view.tilt} error={refused['view.tilt']} onChange={(tilt) => { setView({ ...view, tilt }); }} />
          <NumberField field={viewFields.turn} travel="step" value={view.turn} error={refused['view.turn']} onChange={(turn) => { setView({ ...view, turn }); }} />
          <NumberField field={fields['focalLength']} travel="factor" value={draft.focalLength} error={faults['focalLength']} onChange={(focalLength) => { onChange((before: MomentDraft) => ({ ...before, focalLength })); }} />
        </div>
        <p className="flex flex-wrap gap-2">
          <Button aria-pressed={view.upright} className="aria-pressed:bg-ink aria-pressed:text-ground" onClick={() => { setView({ ...view, upright: !view.upright }); }}>
            Upright
          </Button>
          <Button look="quiet" onClick={() => { setView(AS_USUAL); }}>
            As usual
          </Button>
        </p>
      </Fold>
    </section>
  );
}

interface ShownProps {
  /** What is told of it, and what is painted. */
  readonly picture: PictureDocument;
  readonly of: MomentDraft | null;
  readonly isPast: boolean;
  readonly sketch: PictureDocument;
  readonly width: number;
  readonly factors: Factors;
  readonly settings: string;
  readonly standing: Standing;
  readonly bar: DarkBarDocument | null;
  readonly early: Session['early'];
}

const SWITCH = ['on', 'off'] as const;

/** Painted anew with its geometry; a change of levels only adds its layers up again. */
const Shown = memo(function Shown({ picture, of, isPast, sketch, width, factors, settings, standing, bar, early }: ShownProps) {
  const [noise, setNoise] = useKept('kaddle-noise', SWITCH);
  const [showsLost, setShowsLost] = useState(false);
  const [at, setAt] = useState<Place | null>(null);
  // No finer than it is shown; next to nothing until that is known.
  const [frame, shown] = useWidth();
  const pixels = Math.max(2, Math.min(MOST, width, shown));
  const layers = useMemo(() => paint(sketch, pixels, sketch.fNumber), [sketch, pixels]);
  const tones = useMemo(() => toneTable(sketch), [sketch]);
  const grain = noise === 'on' ? picture.grain : null;
  const under = at === null ? null : lightOf(layers, factors, at.x, at.y, bar);
  return (
    <div className="grid gap-3">
      <div className="flex flex-col gap-3 xl:flex-row xl:items-end">
        <figure className="grid shrink-0 gap-1.5 xl:w-[max(12rem,min(100%,calc((100cqh-6rem)/var(--fit))))]" style={{ '--fit': sketch.aspect } as CSSProperties}>
          <div ref={frame}>
            <PictureCanvas picture={picture} of={of} isPast={isPast} layers={layers} factors={factors} tones={tones} showsLost={showsLost} grain={grain} bar={bar} width={width} early={early} onPoint={setAt} />
          </div>
          <figcaption className="flex flex-wrap justify-between gap-x-4 text-sm">
            <span>{bar === null ? settings : `${bar.shutter} is over sync speed: ${Math.round(100 * bar.share)} % of the frame gets no flash.`}</span>
            <span className="text-faint" role={standing === 'new' ? undefined : 'status'}>
              {standing !== 'new' ? WAITS[standing] : under === null ? 'Point at the picture for the level there.' : `There: ${told(under.room + under.flash)}; room ${told(under.room)}, flash ${told(under.flash)}`}
            </span>
          </figcaption>
        </figure>
        <div className="grid min-w-0 grow gap-2">
          <Counted layers={layers} factors={factors} tones={tones} bar={bar} />
          <p className="flex flex-wrap gap-2">
            <Button aria-pressed={showsLost} className="aria-pressed:bg-ink aria-pressed:text-ground" onClick={() => { setShowsLost(!showsLost); }}>
              Show what is lost
            </Button>
            <Button aria-pressed={noise === 'on'} className="aria-pressed:bg-ink aria-pressed:text-ground" onClick={() => { setNoise(noise === 'on' ? 'off' : 'on'); }}>
              Noise
            </Button>
            <Button look="quiet" onClick={() => { save(picture, factors, tones, { ...PLAIN, grain, bar }, settings); }}>
              Save as a picture
            </Button>
          </p>
        </div>
      </div>
      <Spots picture={picture} factors={factors} />
    </div>
  );
});

/** Counted once the picture has been seen. */
function Counted({ layers, factors, tones, bar }: { readonly layers: Layers; readonly factors: Factors; readonly tones: ToneTable; readonly bar: DarkBarDocument | null }) {
  const seen = useFrameLater(useMemo(() => ({ layers, factors, tones, bar }), [layers, factors, tones, bar]));
  const histogram = useMemo(() => histogramOf(seen.layers, seen.factors, seen.tones, seen.bar), [seen]);
  return <Tones histogram={histogram} />;
}

/** Places that have a name, split into both lights. */
function Spots({ picture, factors }: { readonly picture: PictureDocument; readonly factors: Factors }) {
  const named = picture.spots.filter(({ name }, i) => picture.spots.findIndex((spot) => spot.name === name) === i);
  return (
    <table className="w-full text-left text-sm">
      <caption className="sr-only">Levels in the picture, in stops over mid-grey</caption>
      <thead className="text-faint">
        <tr>
          {['Against mid-grey', 'Together', 'Room', 'Flash'].map((head) => (
            <th key={head} scope="col" className="py-1 pr-3 font-medium">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {named.map(({ name, room, flash }) => (
          <tr key={name} className="border-t border-line">
            <th scope="row" className="py-1 pr-3 font-normal">
              {name}
            </th>
            <td className="pr-3 font-medium whitespace-nowrap">{told(room * factors.room + flash * factors.flash)}</td>
            <td className="pr-3 whitespace-nowrap">{told(room * factors.room)}</td>
            <td className="whitespace-nowrap">{told(flash * factors.flash)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Light over mid-grey as stops; "none" for what nobody sees. */
function told(light: number): string {
  return light < 2 ** -10 ? 'none' : `${signed(Math.log2(light))} stops`;
}

/** Painted larger, and sharp to the last pixel. */
function save(picture: PictureDocument, factors: Factors, tones: ToneTable, manner: Manner, settings: string): void {
  const layers = paint(picture, STILL_WIDTH, picture.fNumber);
  void saveStill({ ...layers, develop: (into) => { develop(layers, factors, tones, manner, into); }, settings, file: 'picture.png' });
}
