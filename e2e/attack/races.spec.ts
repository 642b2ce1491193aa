import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { ask } from './database';
import { movedTo, newcomer, newNight, pause, slowness, type Reply, type Stored, type Visitor } from './visitor';

const PLACE = process.env['KADDLE_PLACE'] ?? 'var';
const count = (sql: string) => Number(ask(PLACE, sql));
const owned = (table: string, email: string) => count(`select count(*) from ${table} join users on users.id = ${table}.user_id where email = '${email}'`);
const together = (times: number, what: (i: number) => Promise<Reply>) => Promise.all(Array.from({ length: times }, (_, i) => what(i)));

/** Nothing broke, and each answer is one that a person can be told. */
function expectTold(replies: readonly Reply[]): void {
  for (const { status, text } of replies) expect(status, text.slice(0, 300)).toBeLessThan(500);
}

test('a first visit eight times at once makes one night and one bag', async () => {
  const { visitor, email } = await newcomer();
  const first = { name: 'First', place: 'Sail loft', heldOn: '2027-06-12', zone: 'UTC' };
  expectTold(await together(8, () => visitor.json('POST', '/nights', first)));
  expectTold(await together(8, () => visitor.json('POST', '/bag/starter', {})));
  expect([owned('nights', email), owned('venues', email), owned('rooms', email)]).toEqual([1, 1, 1]);
  expect(owned('pieces', email)).toBeLessThan(20);
});

test('one address registered eight times at once is one account', async () => {
  const { visitor } = await newcomer();
  await visitor.json('POST', '/sign-out', {});
  await visitor.get('/register');
  ask(PLACE, 'delete from tries');
  const email = `twin-${Date.now()}@kaddle.example`;
  expectTold(await together(8, () => visitor.json('POST', '/register', { name: 'Twin', email, password: 'a long enough one' })));
  await pause(1000);
  expect(count(`select count(*) from users where email = '${email}'`)).toBe(1);
});

test('the same import twelve times at once, and beside saves on the bench', async () => {
  const { visitor, email } = await newcomer();
  const { moment, night, stored } = await newNight(visitor);
  const document = (await visitor.get(`${night}/document`)).text;
  const replies = await together(12, () => visitor.send('POST', '/import', document));
  expectTold(replies);
  expect(replies.every((reply) => reply.status === 200)).toBe(true);
  expect([owned('nights', email), owned('rooms', email)]).toEqual([1, 1]);
  let seen = stored;
  const mixed = await together(16, async (i) => {
    if (i % 2 === 0) return visitor.send('POST', '/import', document);
    const reply = await visitor.json('PUT', moment, movedTo(seen, 2 + i / 10));
    if (reply.status === 200) seen = JSON.parse(reply.text) as Stored;
    return reply;
  });
  expectTold(mixed);
  expect(mixed.filter((reply) => reply.status === 200 || reply.status === 409).length).toBe(16);
});

test('what is moved in time, planned and measured beside a save on the bench is not overwritten', async () => {
  const { visitor } = await newcomer();
  const { moment } = await newNight(visitor);
  for (let round = 1; round <= 6; ++round) {
    const now = JSON.parse((await visitor.get(`${moment}/state`)).text) as Stored;
    const starts = `18:${String(10 + round)}`;
    const [saved, moved] = await Promise.all([visitor.json('PUT', moment, movedTo(now, 2 + round / 10)), visitor.json('PUT', `${moment}/time`, { starts, minutes: 20 + round })]);
    expectTold([saved, moved]);
    const after = JSON.parse((await visitor.get(`${moment}/state`)).text) as Stored;
    expect(after.draft['startsAt'], `the move was acknowledged; the save said ${saved.status}`).toBe(starts);
    if (saved.status === 200) expect(after.draft.subject.distance).toBe(2 + round / 10);
    else expect(saved.status).toBe(409);
  }
  const plan = await visitor.props<{ revision: number; values: Record<string, unknown>; roomId: number }>(`${moment}/plan`);
  const now = JSON.parse((await visitor.get(`${moment}/state`)).text) as Stored;
  const replies = await Promise.all([
    visitor.json('PUT', moment, movedTo(now, 3.3)),
    visitor.json('PUT', `${moment}/plan`, { ...plan.values, roomId: plan.roomId, revision: plan.revision, name: 'Planned' }),
  ]);
  expectTold(replies);
  expect(replies.filter((reply) => reply.status === 200 || reply.status === 302).length, 'one of the two has seen the other').toBe(1);
});

test('the last moments cannot all be deleted, nor can there be more than three hundred', async () => {
  const { visitor } = await newcomer();
  const { night, moment } = await newNight(visitor);
  const second = /\/moments\/\d+/.exec((await visitor.json('POST', `${night}/moments`, {})).headers.location ?? '')?.[0] ?? '';
  expectTold(await Promise.all([moment, second].map((each) => visitor.json('DELETE', each, {}))));
  expect(inNight(night)).toBe(1);
  const added = await visitor.json('POST', `${night}/moments`, {});
  expect(added.headers.location).toContain('/moments/');
  const copy = "jsonb_populate_record(null::moments, to_jsonb(m) || jsonb_build_object('id', nextval('moments_id_seq'), 'uid', gen_random_uuid(), 'minutes', 1 + g % 9))";
  ask(PLACE, `insert into moments select r.* from moments m, generate_series(1, 297) g, lateral ${copy} r where m.id = (select max(id) from moments where night_id = ${night.slice(8)})`);
  expect(inNight(night)).toBe(299);
  const replies = await together(6, () => visitor.json('POST', `${night}/moments`, {}));
  expectTold(replies);
  expect(inNight(night)).toBe(300);
  expect(replies.filter((reply) => reply.text.includes('at most 300 moments')).length).toBe(5);
});

test('what is in use is not deleted while it is taken into use', async () => {
  const { visitor } = await newcomer();
  for (let round = 0; round < 4; ++round) {
    const { night } = await newNight(visitor, `Round ${round}`);
    const venue = ask(PLACE, `select venue_id from nights where id = ${night.slice(8)}`);
    expectTold(
      await Promise.all([
        visitor.json('DELETE', night, {}),
        visitor.json('DELETE', `/places/${venue}`, {}),
        visitor.json('POST', `${night}/moments`, {}),
        visitor.json('POST', `${night}/copy`, { name: 'Again', heldOn: '2027-07-01' }),
        visitor.json('POST', `/places/${venue}/rooms`, { kind: 'barn' }),
      ]),
    );
  }
  expect(count('select count(*) from nights where not exists (select 1 from moments where night_id = nights.id)')).toBe(0);
});

test('the largest night comes in by the queue with its progress, goes out, comes in again, and its pages are quick', async () => {
  test.setTimeout(170_000);
  const { visitor, email } = await newcomer();
  const largest = execFileSync('php8.2', ['core/bench/largest-night.php'], { encoding: 'utf8', maxBuffer: 1e8 });
  const seen = await bring(visitor, largest);
  expect(seen.length, 'progress was told').toBeGreaterThan(1);
  expect(Math.max(...seen)).toBeGreaterThan(100);
  expect(owned('rooms', email)).toBe(60);
  const night = `/nights/${ask(PLACE, `select max(nights.id) from nights join users on users.id = user_id where email = '${email}'`)}`;
  const out = await visitor.get(`${night}/document`);
  expect(out.status).toBe(200);
  await bring(visitor, out.text, '/import/preview', (changes) => {
    expect(changes.every((change) => change.action === 'same')).toBe(true);
  });
  const pages: Record<string, number> = {};
  for (const path of [night, `${night}/energy`, '/nights', '/places']) {
    await visitor.send('GET', path, undefined, { Accept: 'text/html' });
    const times = [];
    for (let i = 0; i < 5; ++i) times.push((await visitor.send('GET', path, undefined, { Accept: 'text/html' })).ms);
    pages[path.replace(/\d+/, 'N')] = Math.round([...times].sort((a, b) => a - b)[2] ?? 0);
  }
  console.log('pages of the largest night, ms:', JSON.stringify(pages));
  expect(Math.max(...Object.values(pages))).toBeLessThan(2000 * (await slowness()));
});

const inNight = (night: string) => count(`select count(*) from moments where night_id = ${night.slice(8)}`);

/** Sends a document and waits until it is taken; the records that were told done on the way. */
async function bring(visitor: Visitor, document: string, path = '/import', look: (changes: readonly { action: string }[]) => void = () => undefined): Promise<number[]> {
  const seen: number[] = [];
  let reply = await visitor.send('POST', path, document);
  while (reply.status === 202) {
    const { import: id, done } = JSON.parse(reply.text) as { import: number; done: number };
    seen.push(done);
    await pause(300);
    reply = await visitor.get(`/imports/${id}`);
  }
  expect(reply.status, reply.text.slice(0, 300)).toBe(200);
  look((JSON.parse(reply.text) as { changes: readonly { action: string }[] }).changes);
  return seen;
}
