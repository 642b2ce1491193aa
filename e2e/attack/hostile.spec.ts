import { execFileSync } from 'node:child_process';
import { statSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { ask, rows } from './database';
import { newcomer, newNight, slowness, Visitor, type Reply } from './visitor';

const PLACE = process.env['KADDLE_PLACE'] ?? 'var';

interface Route {
  readonly method: string;
  readonly uri: string;
}

/** Ways to send something that no page sends; each with what it puts in place of the body. */
const WAYS: readonly ((who: Visitor, method: string, path: string) => Promise<Reply>)[] = [
  (who, method, path) => who.send(method, path, '{"a":'),
  (who, method, path) => who.send(method, path, '"a text"'),
  (who, method, path) => who.send(method, path, JSON.stringify({ revision: [1], name: { a: 1 }, heldOn: 1e308, kind: [], email: ['x'], password: 'a\u0000b' })),
  (who, method, path) => who.send(method, path, Array.from({ length: 3000 }, (_, i) => `a${i}[b][c]=1`).join('&'), { 'Content-Type': 'application/x-www-form-urlencoded' }),
  (who, method, path) => who.send(method, path, 'name=%ff%fe&email=%00', { 'Content-Type': 'application/x-www-form-urlencoded' }),
  (who, method, path) => who.send(method, path, '--x\r\nContent-Disposition: form-data; name="f"; filename="a.php"\r\n\r\n<?php\r\n--x--', { 'Content-Type': 'multipart/form-data; boundary=x' }),
  (who, method, path) => who.send(method, `${path}?page[]=1&on[a]=2&email[]=3&x=%ff`, '{}'),
  (_, method, path) => new Visitor().send(method, path, '{}', { 'X-XSRF-TOKEN': 'forged', Cookie: 'kaddle_session=x; remember_web=x|y|z; theme[]=1' }),
  (who, method, path) => who.send(method, path, '[]', { 'X-HTTP-Method-Override': 'TRACE', 'X-Inertia': 'true', 'X-Inertia-Version': 'x', 'X-Inertia-Partial-Data': '../..' }),
];

test('three hundred hostile requests over all routes: no fault of ours, none slow, no row changed', async () => {
  test.setTimeout(120_000);
  const { visitor: guest, email } = await newcomer();
  const { moment, night } = await newNight(guest);
  const own = (sql: string) => ask(PLACE, sql);
  const id: Readonly<Record<string, string>> = {
    night: night.slice('/nights/'.length),
    moment: moment.slice('/moments/'.length),
    venue: own(`select venue_id from nights where id = ${night.slice('/nights/'.length)}`),
    room: own(`select room_id from moments where id = ${moment.slice('/moments/'.length)}`),
    piece: own(`select max(pieces.id) from pieces join users on users.id = user_id where email = '${email}'`),
    kind: 'lens',
    pin: '00000000-0000-4000-8000-000000000000',
  };
  const routes = JSON.parse(execFileSync('php8.2', ['artisan', 'route:list', '--json'], { encoding: 'utf8', env: { ...process.env, KADDLE_VAR: PLACE } })) as Route[];
  const targets = routes
    .filter(({ uri }) => uri !== '/' && !/copy|archive|starter|moments$|sign-out/.test(uri)) // what takes nothing at all does what it says
    .flatMap(({ method, uri }) => method.split('|').filter((m) => m !== 'HEAD' && m !== 'DELETE').map((m) => ({ method: m, path: `/${uri.replace(/\{(\w+)\}/g, (_, name: string) => id[name] ?? '1')}` })));
  const before = rows(PLACE);
  const second = 1000 * (await slowness());
  const slow: string[] = [];
  let sent = 0;
  for (let round = 0; sent < 320; ++round) {
    for (const [i, { method, path }] of targets.entries()) {
      const way = WAYS[(round * 4 + i) % WAYS.length];
      const reply = await way?.(guest, method, path);
      ++sent;
      expect(reply?.status, `${method} ${path}, way ${(round * 4 + i) % WAYS.length}: ${reply?.text.slice(0, 200) ?? ''}`).toBeLessThan(500);
      if ((reply?.ms ?? 0) > 2 * second) slow.push(`${method} ${path}: ${reply?.ms ?? 0} ms`);
    }
  }
  expect(slow).toEqual([]);
  expect(rows(PLACE)).toBe(before);
  expect((await guest.get('/account')).status, 'the guest is still signed in').toBe(200);
});

test('every answer says that nothing of it comes from elsewhere, errors and files included', async () => {
  const stranger = new Visitor();
  for (const [path, headers] of [['/sign-in', {}], ['/nowhere', {}], ['/up', {}], ['/icon.svg', {}], ['/build/manifest.json', {}], ['/build/nothing', {}], ['/build/.stamp', {}], ['/schema/kaddle-bag', {}], ['/sign-in', { Host: 'elsewhere.example' }], ['/%', {}]] as const) {
    const reply = await stranger.send('GET', path, undefined, headers);
    const told = `${path} ${reply.status}`;
    expect(reply.headers['content-security-policy'], told).toContain("default-src 'none'");
    expect(reply.headers['content-security-policy'], told).toContain("frame-ancestors 'none'");
    expect(reply.headers['x-content-type-options'], told).toBe('nosniff');
    expect(reply.headers['referrer-policy'], told).toBe('same-origin');
    expect(reply.headers['server'], told).toBe('nginx');
  }
  expect((await stranger.get('/build/.stamp')).status).toBe(404);
  expect((await stranger.send('GET', '/sign-in', undefined, { Host: 'elsewhere.example' })).status).toBe(421);
  const big = await stranger.send('POST', '/sign-in', 'x'.repeat(70_000)).catch(() => null);
  if (big !== null) expect([big.status, big.headers['x-frame-options']]).toEqual([413, 'DENY']);
});

test('an address cannot be told by the time or the words of sign-in, register and forgotten', async () => {
  const { email } = await newcomer();
  const times: Record<string, number[]> = { there: [], nobody: [] };
  for (let i = 0; i < 10; ++i) {
    for (const [who, address] of [['there', email], ['nobody', `nobody-${i}@kaddle.example`]] as const) {
      const stranger = new Visitor();
      await stranger.get('/sign-in');
      ask(PLACE, 'delete from tries');
      const reply = await stranger.json('POST', '/sign-in', { email: address, password: 'a wrong password' });
      expect(reply.status).toBe(422);
      times[who]?.push(reply.ms);
    }
  }
  const median = (values: readonly number[] = []) => [...values].sort((a, b) => a - b)[5] ?? 0;
  expect(median(times['nobody']) / median(times['there'])).toBeGreaterThan(0.67);
  expect(median(times['nobody']) / median(times['there'])).toBeLessThan(1.5);
  for (const path of ['/register', '/forgotten']) {
    const words = [];
    for (const address of [email, 'nobody@kaddle.example']) {
      const stranger = new Visitor();
      await stranger.get(path);
      ask(PLACE, 'delete from tries');
      const reply = await stranger.json('POST', path, path === '/register' ? { name: 'x', email: address, password: 'a long enough one' } : { email: address });
      const { notice } = await stranger.props<{ notice: string }>(path);
      words.push([reply.status, reply.headers.location, notice.replace(address, 'ADDRESS')]);
    }
    expect(words[0]).toEqual(words[1]);
  }
  expect(statSync(process.env['KADDLE_ACCOUNT_LOG'] ?? 'var/storage/logs/mail.log').mode & 0o777, 'mail is for its owner only').toBe(0o600);
});
