import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { ask, rows } from './database';
import { Place } from './place';
import { DEMO, movedTo, newNight, pause, type Stored } from './visitor';

test.afterEach(() => Place.stopAll());

test('data of the version before goes on: nothing is lost, and its people sign in', async () => {
  const place = await Place.fresh('upgrade');
  place.load('tests/upgrade/2026-11-28.sql');
  const child = await place.start();
  const counts = ['users', 'venues', 'rooms', 'pieces', 'nights', 'moments', 'moment_steps'].map((table) => Number(ask(place.folder, `select count(*) from ${table}`)));
  expect(counts).toEqual([2, 3, 10, 32, 3, 39, 6]);
  expect(ask(place.folder, "select count(*) from moments where pins != '[]'")).toBe('3');
  const visitor = place.visitor();
  expect((await visitor.signIn(DEMO)).status).toBe(302);
  for (const night of ask(place.folder, 'select id from nights order by id').split('\n')) {
    expect((await visitor.send('GET', `/nights/${night}`, undefined, { Accept: 'text/html' })).status).toBe(200);
    expect((await visitor.get(`/nights/${night}/document`)).status).toBe(200);
  }
  const changed = ask(place.folder, 'select min(moment_id) from moment_steps where not undone');
  const { revision } = JSON.parse((await visitor.get(`/moments/${changed}/state`)).text) as Stored;
  const undone = await visitor.json('POST', `/moments/${changed}/undo`, { revision });
  expect(undone.status, `a step of then is taken back now: ${undone.text}`).toBe(200);
  const other = place.visitor();
  expect((await other.signIn({ email: 'jonna@kaddle.example', password: 'long winded '.repeat(8) })).status).toBe(302);
  expect(ask(place.folder, "select password like '$argon2id$%' from users where name = 'Jonna Feld'"), 'her long password is hashed whole from now on').toBe('t');
  await Place.stop(child);
});

interface Told {
  readonly nights: Record<string, unknown>;
  readonly moments: Record<string, { readonly pins: readonly unknown[]; readonly steps: readonly unknown[] }>;
}

test('settings that were columns are documents, to the last value: nights, pins, every step back and forth', async () => {
  const told = JSON.parse(readFileSync('tests/upgrade/2026-11-28-columns.json', 'utf8')) as Told;
  const place = await Place.fresh('columns');
  place.load('tests/upgrade/2026-11-28-columns.sql');
  const child = await place.start();
  const visitor = place.visitor();
  await visitor.signIn(DEMO);
  for (const [night, document] of Object.entries(told.nights)) {
    expect(JSON.parse((await visitor.get(`/nights/${night}/document`)).text), `night ${night}`).toEqual(takenOver(document));
  }
  for (const [moment, { pins, steps }] of Object.entries(told.moments)) {
    const state = async () => JSON.parse((await visitor.get(`/moments/${moment}/state`)).text) as Stored & { readonly canUndo: boolean; readonly canRedo: boolean };
    const compared = await visitor.json('POST', `/moments/${moment}/compare`, (await state()).draft);
    expect(plain(JSON.parse(compared.text)), `pins of moment ${moment}`).toEqual(plain(pins));
    const found = [];
    for (const [can, way] of [['canUndo', 'undo'], ['canRedo', 'redo']] as const) {
      for (let now = await state(); now[can]; now = await state()) {
        found.push((JSON.parse((await visitor.json('POST', `/moments/${moment}/${way}`, { revision: now.revision })).text) as Stored).draft);
      }
    }
    expect(plain(found), `steps of moment ${moment}`).toEqual(plain(steps));
  }
  await Place.stop(child);
});

/** What was not told at all when nobody had said anything of it. */
const UNSAID: Readonly<Record<string, unknown>> = { withoutFlash: false, drag: null, onFace: null, roomKelvin: null, balance: null, tint: 0, hold: 'background', gelled: null, otherGelId: null, ownLens: false };

/**
 * Glow that is not from the curve was told by false, and is told by nothing now. What to turn from a pin is no part of it: it follows
 * from what the engine answers today.
 */
function plain(drafts: unknown): unknown {
  return JSON.parse(JSON.stringify(drafts), (key, value: unknown) => {
    if (key === 'turns' || (key in UNSAID && UNSAID[key] === value)) return undefined;
    return key === 'curve' && value === false ? null : value;
  });
}

/** A document of the first version as it leaves now: beams by their coverage, batteries by their cells. */
function takenOver(document: unknown): unknown {
  return JSON.parse(JSON.stringify(document), (key, value: unknown) => {
    if (key === 'version') return 2;
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
    const { halfAngle, sets, ...rest } = value as { halfAngle?: number; sets?: number; kind?: string };
    const cells = rest.kind === 'nimh' || rest.kind === 'alkaline' ? 4 : 1;
    const favour = 'moments' in rest && !('favour' in rest) ? { favour: 'fewest-turns' } : {}; // what every night was solved for
    return { ...rest, ...favour, ...(halfAngle === undefined ? {} : { coverage: 2 * halfAngle }), ...(sets === undefined ? {} : { cells: cells * sets }) };
  });
}

test('what is kept while somebody saves is put back elsewhere, whole; what is damaged, newer or not agreed to changes nothing', async () => {
  test.setTimeout(120_000);
  const folder = mkdtempSync(join(tmpdir(), 'kaddle-keep-'));
  const file = join(folder, 'evening.kaddle');
  const place = await Place.fresh('keep');
  const child = await place.start();
  const visitor = place.visitor();
  await visitor.signIn(DEMO);
  const { moment, stored } = await newNight(visitor, 'Kept');
  const saving = { over: false, sent: 2, kept: 2 };
  const saves = (async () => {
    let seen = stored;
    while (!saving.over) {
      saving.sent = Math.round((saving.sent + 0.01) * 100) / 100;
      seen = JSON.parse((await visitor.json('PUT', moment, movedTo(seen, saving.sent))).text) as Stored;
      saving.kept = saving.sent;
    }
  })();
  await pause(500);
  const from = saving.kept; // the one under way may not be stored yet
  const kept = await place.run('backup', [file]);
  const until = saving.sent;
  saving.over = true;
  await saves;
  expect(kept.told).toContain(`Kept in ${file}`);
  expect(statSync(file).mode & 0o777, 'for its owner only').toBe(0o600);
  expect((await place.run('backup', [file])).told).toContain('exists already');
  expect((await place.run('state', [])).told).toMatch(/database +answers[\s\S]*nights +4[\s\S]*Last backup: 20/);
  expect((await place.run('restore', [file], 'yes\n')).told, 'while it runs').toContain('end it first');

  const other = await Place.fresh('kept');
  expect((await other.run('restore', [file], 'no\n')).told).toContain('nothing was changed');
  expect(await other.run('restore', [file], 'yes\n')).toMatchObject({ status: 0 });
  const again = await other.start();
  const reader = other.visitor();
  expect((await reader.signIn(DEMO)).status).toBe(302);
  const { distance } = (JSON.parse((await reader.get(`${moment}/state`)).text) as Stored).draft.subject;
  expect(distance).toBeGreaterThanOrEqual(from);
  expect(distance).toBeLessThanOrEqual(until);
  await Place.stop(again);

  const whole = readFileSync(file);
  const bad = join(folder, 'bad.kaddle');
  for (const [name, bytes] of [['cut off', whole.subarray(0, whole.length / 2)], ['something else', Buffer.from('not a backup')], ['one byte changed', flipped(whole)]] as const) {
    writeFileSync(bad, bytes);
    const { status, told } = await other.run('restore', [bad], 'yes\n');
    expect([status, /no backup of Kaddle|is damaged/.test(told)], `${name}: ${told}`).toEqual([1, true]);
  }
  const script = 'mkdir x && tar -C x -xzf "$1" && echo migration=2031_01_01_000000_from_later >>x/about && (cd x && sha256sum database settings about >sums) && tar -C x -czf "$2" about settings database sums';
  execFileSync('bash', ['-c', script, 'newer', file, bad], { cwd: folder });
  expect((await other.run('restore', [bad], 'yes\n')).told).toContain('was made by a newer Kaddle');
  const last = await other.start();
  await pause(200);
  expect(rows(other.folder), 'after all that').toContain('nights 4 ');
  await Place.stop(last);
  await Place.stop(child);
});

test('a database that ends is brought back, and a page meanwhile is told so', async () => {
  const place = await Place.fresh('keep');
  mkdirSync(join(place.folder, 'log'));
  writeFileSync(join(place.folder, 'log/fpm.log'), 'x'.repeat(6_000_000));
  const child = await place.start();
  const visitor = place.visitor();
  await visitor.signIn(DEMO);
  expect(JSON.parse((await visitor.get('/up')).text)).toMatchObject({ database: { well: true }, disk: { well: true }, queue: { well: true } });
  place.processes('database').forEach((pid) => process.kill(pid, 'SIGKILL'));
  const told = new Set<number>();
  for (let look = 0; look < 100; ++look) {
    told.add((await visitor.send('GET', '/nights', undefined, { Accept: 'text/html' })).status);
    if (look > 5 && (await visitor.get('/up')).status === 200) break;
    await pause(50);
  }
  expect([...told].filter((status) => status !== 200 && status !== 503)).toEqual([]);
  expect((await visitor.send('GET', '/nights', undefined, { Accept: 'text/html' })).status).toBe(200);
  ask(place.folder, "insert into jobs (queue, payload, attempts, available_at, created_at) values ('nobody', '{}', 0, extract(epoch from now()) - 900, 0)");
  const ill = await visitor.get('/up');
  expect([ill.status, (JSON.parse(ill.text) as { queue: { well: boolean } }).queue.well]).toEqual([503, false]);
  expect(statSync(join(place.folder, 'log/fpm.log')).size, 'a log that has grown is set aside').toBeLessThan(100_000);
  expect(statSync(join(place.folder, 'log/fpm.log.1')).size).toBeGreaterThan(6_000_000 - 1);
  const sockets = readFileSync(join(place.folder, 'run/sockets'), 'utf8').trim();
  expect(existsSync(sockets)).toBe(true);
  await Place.stop(child);
  expect(existsSync(sockets), 'nothing is left in the folder for passing things').toBe(false);
});

/** The same with one byte changed in the middle. */
function flipped(bytes: Buffer): Buffer {
  const changed = Buffer.from(bytes);
  const middle = Math.floor(changed.length / 2);
  changed[middle] = (changed[middle] ?? 0) ^ 1;
  return changed;
}
