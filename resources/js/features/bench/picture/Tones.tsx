import { percent } from '@/lib/format';
import { BINS, type Histogram } from './develop';

const HEIGHT = 64;

/** How the tones of a picture lie: the room’s part solid, the part of the flash striped over it. */
export function Tones({ histogram: { all, flash, white, black } }: { readonly histogram: Histogram }) {
  // What is lost stands at the ends and would flatten the rest.
  const most = Math.max(1, ...all.slice(1, BINS - 1));
  const bar = (count: number) => (Math.min(1, count / most) * HEIGHT).toFixed(1);
  return (
    <figure className="grid gap-1">
      <svg viewBox={`0 0 ${BINS * 4} ${HEIGHT}`} preserveAspectRatio="none" className="h-16 w-full border-b border-edge" role="img" aria-label={`Tones from black to white: ${percent(black)} without detail in the dark, ${percent(white)} in the light.`}>
        <defs>
          <pattern id="flash-part" width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="1.6" height="3" className="fill-pop" />
          </pattern>
        </defs>
        {Array.from(all, (count, i) => {
          const [whole, popped] = [Number(bar(count)), Number(bar(count)) * (count > 0 ? (flash[i] ?? 0) / count : 0)];
          return (
            <g key={i}>
              <rect x={i * 4} y={HEIGHT - whole + popped} width={3.4} height={whole - popped} className="fill-glow" />
              <rect x={i * 4} y={HEIGHT - whole} width={3.4} height={popped} fill="url(#flash-part)" />
            </g>
          );
        })}
      </svg>
      <figcaption className="flex flex-wrap justify-between gap-x-3 text-sm">
        <span>{percent(black)} black</span>
        <span className="text-faint">
          <span aria-hidden className="mr-1 inline-block size-2.5 bg-glow" />
          room
          <span aria-hidden className="mr-1 ml-3 inline-block size-2.5 border-l-4 border-pop" />
          flash
        </span>
        <span>{percent(white)} white</span>
      </figcaption>
    </figure>
  );
}
