import type { ChildProcess } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { Place } from './place';
import { DEMO, movedTo, newNight, pause, type Stored, type Visitor } from './visitor';

/** Saves one place of the subject after the other, and remembers what was acknowledged. */
class Saver {
  /** Saves that were acknowledged one after the other, since the last that was not. */
  inARow = 0;
  /** What is stored although something later was acknowledged. */
  readonly lost: string[] = [];
  over = false;
  private acknowledged = 3;
  private sent = 3;

  constructor(
    private readonly visitor: Visitor,
    private readonly moment: string,
  ) {}

  async run(): Promise<void> {
    for (let stored: Stored | null = null; !this.over; ) {
      stored = await this.step(stored).catch(() => null);
      this.inARow = stored === null ? 0 : this.inARow + 1;
      if (stored === null) await pause(50);
    }
  }

  private async step(last: Stored | null): Promise<Stored | null> {
    const stored = last ?? (await this.look());
    this.sent = Math.round((this.sent >= 4.9 ? 2 : this.sent + 0.01) * 100) / 100;
    const { status, text } = await this.visitor.json('PUT', this.moment, movedTo(stored, this.sent));
    if (status !== 200) return null;
    this.acknowledged = this.sent;
    return JSON.parse(text) as Stored;
  }

  /** What is stored: what was acknowledged last, or what was sent since and perhaps not heard of. */
  private async look(): Promise<Stored> {
    const { status, text } = await this.visitor.get(`${this.moment}/state`);
    if (status !== 200) throw new Error(`state ${status}: ${text.slice(0, 200)}`);
    const stored = JSON.parse(text) as Stored;
    const { distance } = stored.draft.subject;
    if (distance !== this.acknowledged && distance !== this.sent) this.lost.push(`${this.acknowledged} was acknowledged, ${this.sent} sent, ${distance} is stored`);
    this.acknowledged = distance;
    return stored;
  }
}

test.afterEach(() => Place.stopAll());

test('twenty kills while saving: nothing that was acknowledged is lost, and the first start works each time', async () => {
  const place = await Place.fresh('kills');
  let child: ChildProcess = await place.start();
  const visitor = place.visitor();
  expect((await visitor.signIn(DEMO)).status).toBe(302);
  const { moment } = await newNight(visitor, 'Kills');
  const saver = new Saver(visitor, moment);
  const saving = saver.run();

  const expectWhole = async (what: string) => {
    const start = performance.now();
    await pause(50);
    for (let look = 0; look < 600 && saver.inARow < 5; ++look) await pause(50);
    expect(saver.inARow, `${what}: saving goes on`).toBeGreaterThanOrEqual(5);
    expect(saver.lost, what).toEqual([]);
    console.log(`${what}: saving went on after ${Math.round(performance.now() - start)} ms`);
  };
  const kill = (kind: Parameters<Place['processes']>[0], signal: NodeJS.Signals = 'SIGKILL') => {
    const found = place.processes(kind);
    expect(found.length, `there is a ${kind} to kill`).toBeGreaterThan(0);
    found.forEach((pid) => process.kill(pid, signal));
    saver.inARow = 0;
  };

  for (let round = 0; round < 9; ++round) {
    await pause(50 + 37 * round);
    kill('worker');
    await expectWhole(`workers, round ${round}`);
  }
  kill('queue');
  await expectWhole('queue');
  for (let round = 0; round < 4; ++round) {
    await pause(200);
    kill('database');
    await expectWhole(`database, round ${round}`);
  }
  for (const all of [['start'], ['start', 'database'], ['start', 'nginx', 'fpm'], ['start', 'nginx', 'fpm', 'queue', 'database'], ['start', 'nginx', 'fpm', 'worker', 'queue', 'database'], ['nginx', 'fpm', 'start', 'worker']] as const) {
    await pause(200);
    const victims = all.flatMap((kind) => place.processes(kind));
    victims.forEach((pid) => process.kill(pid, 'SIGKILL'));
    child = await place.start();
    saver.inARow = 0;
    await expectWhole(all.join(' and '));
  }
  saver.over = true;
  await saving;
  expect((await visitor.get('/account')).status, 'nobody was signed out').toBe(200);
  await Place.stop(child);
});
