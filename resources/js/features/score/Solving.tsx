import { Progress } from 'radix-ui';
import { useEffect, useState } from 'react';

/** Moments from which it takes long enough to be worth telling how long. */
const MANY = 40;

/** ms that a moment takes on a slow server; the bar stands still where it takes longer. */
const EACH = 20;

const TICK = 200;

/** Per cent at which the bar waits for the night itself. */
const MOST = 95;

/** A night that is being solved: of a long one, how far it should be by now. */
export function Solving({ moments }: { readonly moments: number }) {
  const [since, setSince] = useState(0);
  const isLong = moments >= MANY;
  useEffect(() => {
    if (!isLong) return;
    const timer = setInterval(() => {
      setSince((before) => before + TICK);
    }, TICK);
    return () => {
      clearInterval(timer);
    };
  }, [isLong]);
  const done = Math.min(MOST, Math.round((100 * since) / (moments * EACH)));
  return (
    <div className="grid max-w-xl gap-2">
      <p role="status">{isLong ? `The night is being solved: ${moments} moments, about ${Math.ceil((moments * EACH) / 1000)} s …` : 'The night is being solved …'}</p>
      {isLong && (
        <Progress.Root value={done} aria-label="How far it should be" className="h-2 overflow-hidden rounded-sm border border-edge bg-raised">
          <Progress.Indicator className="h-full bg-ink" style={{ width: `${done}%` }} />
        </Progress.Root>
      )}
    </div>
  );
}
