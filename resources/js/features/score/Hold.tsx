import { router } from '@inertiajs/react';
import type { ScoreMoment, ScorePlaces } from '@/types/generated';

const CONTROLS = [
  ['shutter', 'shutterLabel', 'shutter'],
  ['aperture', 'apertureLabel', 'aperture'],
  ['iso', 'isoLabel', 'ISO'],
] as const;
const NAMES = [...CONTROLS.map(([control, , name]) => [control, name] as const), ['lens', 'planned lens'] as const] as const;

const BUTTON = 'min-h-8 rounded-md border border-edge px-2.5 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-ground';

/** Holds controls of a moment where they stand; the rest of the night is solved around them. */
export function Hold({ moment, places }: { readonly moment: ScoreMoment | undefined; readonly places: ScorePlaces | undefined }) {
  if (moment === undefined || places === undefined) return null;
  const hold = (held: readonly string[], all = moment.stays) => {
    const labels = Object.fromEntries(CONTROLS.filter(([control]) => held.includes(control)).map(([control, label]) => [control, places[label]]));
    router.put(`/moments/${moment.id}/hold`, { revision: moment.revision, ...labels, lens: held.includes('lens'), all }, { preserveScroll: true, preserveState: false });
  };
  return (
    <p className="flex flex-wrap items-center gap-1 text-sm font-normal sm:ml-auto print:hidden">
      <span className="mr-1 text-faint">Hold</span>
      {NAMES.map(([control, name]) => {
        const held: boolean = moment.held.includes(control);
        return (
          <button
            key={control}
            type="button"
            aria-pressed={held}
            aria-label={`Hold the ${name} of ${moment.name}`}
            className={BUTTON}
            onClick={() => {
              hold(held ? moment.held.filter((other) => other !== control) : [...moment.held, control]);
            }}
          >
            {name}
          </button>
        );
      })}
      <button
        type="button"
        aria-pressed={moment.stays}
        aria-label={`Hold everything of ${moment.name} as it stands`}
        className={BUTTON}
        onClick={() => {
          hold(moment.held, !moment.stays);
        }}
      >
        all of it
      </button>
    </p>
  );
}
