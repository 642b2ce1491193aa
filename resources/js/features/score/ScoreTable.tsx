import { Link } from '@inertiajs/react';
import { useReader } from '@/lib/useReader';
import type { ScoreData, ScoreMoment } from '@/types/generated';
import { Warnings } from '@/ui/Warnings';
import { Hold } from './Hold';

/** The same night to read: what stands when, what is changed and why. */
export function ScoreTable({ score, canHold }: { readonly score: ScoreData; readonly canHold: boolean }) {
  const { time } = useReader();
  const moments = new Map(score.moments.map((moment) => [moment.uid, moment]));
  return (
    <ol className="grid gap-2" aria-label="The night, moment by moment">
      {score.score.bars.map((bar, i) => (
        <li key={`${bar.moment} ${bar.from}`} className="grid gap-1 rounded-lg border border-line bg-raised px-4 py-3">
          <p className="flex flex-wrap items-baseline gap-x-3">
            <span className="font-semibold whitespace-nowrap">
              {time(bar.from)}–{time(bar.until)}
            </span>
            <Link href={`/moments/${moments.get(bar.moment)?.id ?? ''}`} className="font-semibold underline decoration-line underline-offset-4 hover:decoration-ink">
              {bar.name}
            </Link>
          </p>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1 font-medium">
            <span>{bar.shutter}</span>
            <span>{bar.aperture}</span>
            <span>{bar.iso}</span>
            {bar.output === 'off' ? <span>Flash off</span> : <span>{`Output ${bar.output}`}</span>}
            {bar.output !== 'off' && <span>{`Head: ${bar.head.toLowerCase()}`}</span>}
            {bar.insteadOf !== null && <span>{`${bar.lens} at ${bar.focalLength} mm, instead of ${bar.insteadOf}`}</span>}
            {canHold && <Hold moment={moments.get(bar.moment)} places={score.places[i]} />}
          </div>
          <p className="text-sm text-faint">
            {`Shutter: ${bar.bounds.shutter}. Aperture: ${bar.bounds.aperture}. ISO: ${bar.bounds.iso}.`}
            {bar.output !== 'off' && ` Output: ${bar.bounds.output}.`}
          </p>
          {(moments.get(bar.moment)?.stays ?? false) && <p className={bar.held === '' ? 'font-medium text-alarm' : 'text-sm'}>{bar.held === '' ? 'It cannot stand any more as it was held; it is solved as if it were free.' : bar.held}</p>}
          {bar.twoLights !== '' && <p className="text-sm">{bar.twoLights}</p>}
          {score.score.bars[i - 1]?.moment !== bar.moment && <Beginning moment={moments.get(bar.moment)} />}
          {bar.shortfalls.map(({ kind, sentence }) => (
            <p key={kind} className="font-medium text-alarm">
              {sentence}
            </p>
          ))}
          {bar.remedies.slice(0, 2).map(({ sentence }) => (
            <p key={sentence} className="text-sm">
              {sentence}
            </p>
          ))}
          {bar.changes.length > 0 && (
            <ul className="grid gap-0.5 text-sm">
              {bar.changes.map((change) => (
                <li key={change.control}>
                  <span className="font-semibold">{change.label.charAt(0).toUpperCase() + change.label.slice(1)}.</span> <span className="text-faint">{change.why}</span>
                </li>
              ))}
            </ul>
          )}
        </li>
      ))}
    </ol>
  );
}

/** What is to be known as a moment begins. */
function Beginning({ moment }: { readonly moment: ScoreMoment | undefined }) {
  if (moment === undefined) return null;
  const { gap, cautions } = moment;
  return (
    <>
      {gap !== null && gap < 0 && <p className="font-medium text-alarm">Begins {-gap} min before what comes before it is over.</p>}
      <Warnings rules={[]} cautions={cautions} />
    </>
  );
}
