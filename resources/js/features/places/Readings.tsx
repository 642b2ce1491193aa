import { signed } from '@/lib/format';
import { useReader } from '@/lib/useReader';
import { dayOf } from '@/lib/when';
import { readingKinds, readingsOf, type ReadingData } from '@/types/generated';

/** What was measured, and which of it does not agree with the rest. */
export function Readings({ readings, date }: { readonly readings: readonly ReadingData[]; readonly date: string }) {
  const { time } = useReader();
  if (readings.length === 0) {
    return <p>Nothing measured here yet: the curve is what windows and lamps promise. One reading at dusk and one at night tell most.</p>;
  }
  const odd = readings.filter((reading) => reading.odd !== null);
  return (
    <div className="grid gap-2">
      {odd.map((reading) => (
        <p key={`${reading.date} ${reading.at} ${reading.spot}`} className="border-l-4 border-alarm bg-alarm-wash px-4 py-2">
          “{reading.spot}” at {time(reading.at)} on {dayOf(reading.date)} disagrees with the rest: {Math.abs(reading.odd ?? 0).toFixed(1)} stops {(reading.odd ?? 0) < 0 ? 'under' : 'over'} the curve that all
          others make. A dark corner, a lamp in view, or a slip of the pen? Correct it or remove it below.
        </p>
      ))}
      <div className="overflow-x-auto" role="region" aria-label="Light readings" tabIndex={0}>
        <table className="w-full text-left">
          <thead className="text-sm text-faint">
            <tr>
              {['Day', 'Time', 'Spot', 'EV', 'Of', 'How', 'Against the others'].map((head) => (
                <th key={head} scope="col" className="py-1 pr-4 font-medium">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {readings.map((reading) => (
              <tr key={`${reading.date} ${reading.at} ${reading.spot}`} className={`border-t border-line ${reading.date === date ? '' : 'text-faint'}`}>
                <td className="py-1.5 pr-4 whitespace-nowrap">{dayOf(reading.date)}</td>
                <td className="pr-4 whitespace-nowrap">{time(reading.at)}</td>
                <td className="pr-4">{reading.spot}</td>
                <td className="pr-4">{reading.ev.toFixed(1).replace('-', '−')}</td>
                <td className="pr-4">{readingsOf[reading.of]}</td>
                <td className="pr-4">{readingKinds[reading.kind]}</td>
                <td className={reading.odd === null ? '' : 'font-semibold text-alarm'}>{reading.of === 'people' ? 'no part of the curve' : reading.odd === null ? 'agrees' : `${signed(reading.odd)} stops`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
