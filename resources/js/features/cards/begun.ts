interface Timed {
  /** "19:30" */
  readonly from: string;
}

/** Minutes since six in the morning, when a day of events begins. */
function minuteOf(clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return (hours * 60 + minutes + 18 * 60) % (24 * 60);
}

/** The last bar that has begun, during the night itself by the clock of the device; on any other day the first. */
export function begunBy(bars: readonly Timed[], heldOn: string, now: Date): number {
  const day = new Date(now.getTime() - 6 * 3_600_000);
  const date = [day.getFullYear(), `${day.getMonth() + 1}`.padStart(2, '0'), `${day.getDate()}`.padStart(2, '0')].join('-');
  if (date !== heldOn) return 0;
  const minute = minuteOf(`${now.getHours()}:${now.getMinutes()}`);
  return Math.max(0, bars.filter((bar) => minuteOf(bar.from) <= minute).length - 1);
}
