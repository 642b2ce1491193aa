import { DAY, GRAIN } from '@/charts/axis';
import type { ScoreData } from '@/types/generated';

/** Minutes before a hand, in the direction in which it moves, and behind it, that are asked for ahead. */
const AHEAD = 45;
const BEHIND = 15;

/** Scores asked for at once: few at first, so that something comes soon; fewer of a night of many moments. */
const FIRST = 3;
const MOST = 12;
const MOMENTS = 180;

/** The times near a hand for which nothing is known yet, nearest first. @param way in which it moves: 1 or −1 */
export function missingAround(minute: number, way: number, has: (minute: number) => boolean, most: number): readonly number[] {
  const near: number[] = [];
  for (let away = 0; away <= AHEAD; away += GRAIN) {
    for (const at of away === 0 ? [minute] : away > BEHIND ? [minute + way * away] : [minute + way * away, minute - way * away]) {
      if (at >= 0 && at < DAY && !has(at)) near.push(at);
    }
  }
  return near.slice(0, most);
}

/** Scores of a night with one moment at other times: asked for around the hand before it gets there, one request at a time. */
export class Rehearsed {
  readonly #scores = new Map<number, ScoreData>();
  #wanted: number;
  #way = 1;
  #isAsking = false;
  readonly #most: number;

  /**
   * @param ask for scores by minute, in the same order; null where none came
   * @param onCome called whenever some came
   * @param minute at which the moment is planned
   * @param planned the score with it there
   */
  constructor(
    private readonly ask: (minutes: readonly number[]) => Promise<readonly ScoreData[] | null>,
    private readonly onCome: () => void,
    minute: number,
    planned: ScoreData,
  ) {
    this.#wanted = minute;
    this.#scores.set(minute, planned);
    this.#most = Math.max(2, Math.min(MOST, Math.floor(MOMENTS / planned.moments.length)));
  }

  at(minute: number): ScoreData | undefined {
    return this.#scores.get(minute);
  }

  want(minute: number): void {
    this.#way = Math.sign(minute - this.#wanted) || this.#way;
    this.#wanted = minute;
    if (!this.#isAsking) void this.#next();
  }

  async #next(): Promise<void> {
    const minutes = missingAround(this.#wanted, this.#way, (minute) => this.#scores.has(minute), this.#scores.size === 1 ? Math.min(FIRST, this.#most) : this.#most);
    if (minutes.length === 0) return;
    this.#isAsking = true;
    const scores = await this.ask(minutes);
    this.#isAsking = false;
    if (scores === null) return;
    scores.forEach((score, i) => this.#scores.set(minutes[i] ?? this.#wanted, score));
    this.onCome();
    await this.#next();
  }
}
