import { memo, useEffect, useId, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useWidth } from '@/charts/useWidth';
import type { CurtainDocument, DragDocument } from '@/types/generated';
import { saveStill, STILL_WIDTH } from '@/lib/still';
import { Button } from '@/ui/Button';
import { seen, type ToneTable } from '../picture/develop';
import type { Painter } from './painter';

interface Props {
  /** A painter of pictures so many px wide. */
  readonly painterOf: (width: number) => Painter;
  /** Height over width. */
  readonly aspect: number;
  readonly tones: ToneTable;
  readonly curtains: readonly CurtainDocument[];
  readonly chosen: DragDocument['curtain'];
  readonly seconds: number;
  readonly settings: string;
}

/** Shares of the exposure at which it is shown without motion. */
const STAGES = [0, 0.25, 0.5, 0.75, 1];

/** s that a playing takes at the least, so that a short exposure can be seen. */
const SLOWEST = 4;

/** px that a picture is reckoned wide at the most. */
const MOST = 480;

/** First and second curtain while the picture builds. */
export const DragPicture = memo(function DragPicture({ painterOf, aspect, tones, curtains, chosen, seconds, settings }: Props) {
  const [at, setAt] = useState(1);
  const [playing, setPlaying] = useState<number | null>(null);
  const [box, width] = useWidth();
  const id = useId();
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
  useEffect(() => {
    if (playing === null) return;
    const start = performance.now();
    let frame = requestAnimationFrame(function go(now) {
      const share = Math.min(1, (now - start) / 1000 / playing);
      setAt(share);
      if (share < 1) frame = requestAnimationFrame(go);
      else setPlaying(null);
    });
    return () => {
      cancelAnimationFrame(frame);
    };
  }, [playing]);
  const beside = width > 560;
  const each = Math.max(120, Math.min(MOST, beside ? Math.floor((width - 16) / 2) : width));
  const painter = useMemo(() => painterOf(each), [painterOf, each]);
  return (
    <div className="grid gap-3">
      <div ref={box} className={`grid gap-4 ${beside ? 'grid-cols-2' : 'grid-cols-1'}`}>
        {width > 0 &&
          curtains.map((curtain) => (
            <figure key={curtain.curtain} className="grid content-start gap-1.5">
              <Painted painter={painter} tones={tones} width={each} height={Math.round(each * aspect)} pops={popsAt(curtain)} at={at} label={`${name(curtain)}: ${curtain.sentence}`} />
              <figcaption className="text-sm">
                <span className="font-semibold">{name(curtain)}</span>
                {curtain.curtain === chosen && <span> (this one is used)</span>}. {curtain.sentence}
              </figcaption>
            </figure>
          ))}
      </div>
      {still ? (
        <div role="group" aria-label="Stages of the exposure" className="flex flex-wrap gap-2">
          {STAGES.map((stage) => (
            <Button
              key={stage}
              look={at === stage ? 'main' : 'plain'}
              aria-pressed={at === stage}
              onClick={() => {
                setAt(stage);
              }}
            >
              {told(stage * seconds)}
            </Button>
          ))}
        </div>
      ) : (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
          <label htmlFor={id} className="text-sm font-medium">
            Exposed
          </label>
          <input
            id={id}
            type="range"
            className="h-10 min-w-40 grow accent-ink"
            min={0}
            max={1}
            step={1 / 96}
            value={at}
            aria-valuetext={`${told(at * seconds)} of ${told(seconds)}`}
            onChange={(event) => {
              setPlaying(null);
              setAt(Number(event.target.value));
            }}
          />
          <output htmlFor={id} className="w-28 text-sm whitespace-nowrap">
            {told(at * seconds)} of {told(seconds)}
          </output>
          <Button
            onClick={() => {
              setPlaying(playing === null ? seconds : null);
            }}
          >
            {playing === null ? 'Play' : 'Stop'}
          </Button>
          {seconds < SLOWEST && (
            <Button
              onClick={() => {
                setPlaying(SLOWEST);
              }}
            >
              Play slowly
            </Button>
          )}
        </div>
      )}
      <p>
        <Button
          look="quiet"
          onClick={() => {
            const light = painterOf(STILL_WIDTH)((curtains.find((curtain) => curtain.curtain === chosen)?.share ?? 0) / 100, 1);
            void saveStill({ ...light, develop: (into) => { seen(light.values, tones, into); }, settings, file: 'drag.png' });
          }}
        >
          Save as a picture
        </Button>
      </p>
    </div>
  );
});

function name({ curtain }: CurtainDocument): string {
  return curtain === 'first' ? 'First curtain' : 'Second curtain';
}

/** Share of the exposure at which it pops. */
function popsAt({ share }: CurtainDocument): number {
  return share / 100;
}

function told(seconds: number): string {
  return `${seconds >= 10 ? seconds.toFixed(0) : Number(seconds.toPrecision(2))} s`;
}

interface PaintedProps {
  readonly painter: Painter;
  readonly tones: ToneTable;
  readonly width: number;
  readonly height: number;
  readonly pops: number;
  readonly at: number;
  readonly label: string;
}

/** Painted before the browser paints, so that every step of the scrubber is a frame. */
function Painted({ painter, tones, width, height, pops, at, label }: PaintedProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const image = useMemo(() => new ImageData(width, height), [width, height]);
  useLayoutEffect(() => {
    const context = canvas.current?.getContext('2d') ?? null;
    if (context === null) return;
    seen(painter(pops, at).values, tones, image.data);
    context.putImageData(image, 0, 0);
  }, [painter, tones, image, pops, at]);
  return <canvas ref={canvas} role="img" aria-label={label} width={width} height={height} className="block max-w-full border border-edge" />;
}
