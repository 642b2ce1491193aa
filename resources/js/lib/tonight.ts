import { useEffect, useState } from 'react';

/** Minutes since six in the morning, when a day of events begins. @param clock "19:30" */
function minuteOf(clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return (hours * 60 + minutes + 18 * 60) % (24 * 60);
}

/** Where a night stands by the clock of the device, in minutes since six in the morning; null on any other day. */
export function minuteOfNight(heldOn: string, now: Date): number | null {
  const day = new Date(now.getTime() - 6 * 3_600_000);
  const date = [day.getFullYear(), `${day.getMonth() + 1}`.padStart(2, '0'), `${day.getDate()}`.padStart(2, '0')].join('-');
  return date === heldOn ? minuteOf(`${now.getHours()}:${now.getMinutes()}`) : null;
}

/** The last bar that has begun, during the night itself; on any other day the first. */
export function begunBy(bars: readonly { readonly from: string }[], heldOn: string, now: Date): number {
  const minute = minuteOfNight(heldOn, now);
  return minute === null ? 0 : Math.max(0, bars.filter((bar) => minuteOf(bar.from) <= minute).length - 1);
}

/** The same minute as it goes on. */
export function useMinuteOfNight(heldOn: string): number | null {
  const [minute, setMinute] = useState(() => minuteOfNight(heldOn, new Date()));
  useEffect(() => {
    const timer = setInterval(() => { setMinute(minuteOfNight(heldOn, new Date())); }, 30_000);
    return () => { clearInterval(timer); };
  }, [heldOn]);
  return minute;
}
