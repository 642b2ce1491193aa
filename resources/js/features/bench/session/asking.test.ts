import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { MomentDraft } from '@/types/generated';
import { askingServer } from './asking';

const DRAFT = {
  name: 'Toast',
  camera: { height: 1.6 },
  subject: { distance: 3 },
  room: { height: 3 },
  look: { roomUnder: 1 },
  glow: { ev: 4, metered: null, curve: null },
  head: null,
  pointing: null,
  lensId: 7,
} as unknown as MomentDraft;

const sent: [string, string, unknown][] = [];

beforeEach(() => {
  sent.length = 0;
  vi.stubGlobal('document', { cookie: '' });
  vi.stubGlobal('fetch', (url: string, { method, body }: { method: string; body?: string }) => {
    sent.push([method, url, body === undefined ? null : JSON.parse(body)]);
    return Promise.resolve(new Response(method === 'DELETE' ? null : url.endsWith('/pictured') ? '{"iso":800}\n{"seen":true}\n' : '{}', { status: method === 'DELETE' ? 204 : 200 }));
  });
});
afterEach(() => {
  vi.unstubAllGlobals();
});

test('every question of a moment goes to its own place', async () => {
  const asking = askingServer(12);
  await asking.solve(DRAFT);
  await asking.drag(DRAFT);
  await asking.settled('costs', DRAFT);
  await asking.stored();
  await asking.store(DRAFT, '3.1');
  await asking.step('undo', '3.1');
  await asking.pin(DRAFT);
  await asking.unpin('a');
  expect(sent.map(([method, url]) => `${method} ${url}`)).toEqual([
    'POST /moments/12/solve',
    'POST /moments/12/drag',
    'POST /moments/12/costs',
    'GET /moments/12/state',
    'PUT /moments/12',
    'POST /moments/12/undo',
    'POST /moments/12/pins',
    'DELETE /moments/12/pins/a',
  ]);
  expect(sent[4]?.[2]).toEqual({ ...DRAFT, revision: '3.1' });
  expect(sent[5]?.[2]).toEqual({ revision: '3.1' });
});

test('what is asked ahead carries only what a hand moves', async () => {
  const nearer = { ...DRAFT, subject: { ...DRAFT.subject, distance: 2 } };
  const byCurve = { ...DRAFT, glow: { ev: null, metered: null, curve: true } };
  await askingServer(12).strip(DRAFT, [nearer, byCurve]);
  const { strip, ...whole } = sent[0]?.[2] as { strip: Record<string, unknown>[] };
  expect(whole).toEqual(DRAFT);
  expect(Object.keys(strip[0] ?? {}).sort()).toEqual(['camera', 'glow', 'head', 'look', 'pointing', 'room', 'subject']);
  expect(strip[0]).toMatchObject({ subject: { distance: 2 }, glow: { ev: 4 } });
  expect('glow' in (strip[1] ?? {})).toBe(false);
});

test('a picture and a look are asked beside the draft', async () => {
  const asking = askingServer(12);
  await asking.picture(DRAFT, { tilt: 0, turn: 5, upright: true });
  await asking.look(DRAFT, { kind: 'silhouette', tripod: false, lamps: 20, heads: 1 });
  expect(sent[0]?.[2]).toEqual({ ...DRAFT, view: { tilt: 0, turn: 5, upright: true } });
  expect(sent[1]?.[2]).toEqual({ ...DRAFT, ask: { kind: 'silhouette', tripod: false, lamps: 20, heads: 1 } });
});

test('a picture that is watched comes along with the settings, once, and for that view only', async () => {
  const view = { tilt: 0, turn: 5, upright: false };
  const asking = askingServer(12);
  const urls = () => sent.map(([, url]) => url.slice('/moments/12/'.length));
  await asking.solve(DRAFT);
  asking.watchPicture(view);
  expect(await asking.solve(DRAFT)).toEqual({ kind: 'answered', value: { iso: 800 } });
  expect(await asking.picture(DRAFT, view)).toEqual({ kind: 'answered', value: { seen: true } });
  await asking.picture(DRAFT, view);
  expect(urls()).toEqual(['solve', 'pictured', 'picture']);
  expect(sent[1]?.[2]).toEqual({ ...DRAFT, view });
  await asking.solve(DRAFT);
  await asking.picture(DRAFT, { ...view });
  asking.watchPicture(null);
  await asking.solve(DRAFT);
  expect(urls().slice(3)).toEqual(['pictured', 'picture', 'solve']);
});

test('while anything is under way no settings wait for a picture', async () => {
  const asking = askingServer(12);
  asking.watchPicture({ tilt: 0, turn: 0, upright: false });
  await Promise.all([asking.solve(DRAFT), asking.solve({ ...DRAFT }), asking.solve({ ...DRAFT })]);
  expect(sent.map(([, url]) => url)).toEqual(['/moments/12/pictured', '/moments/12/solve', '/moments/12/solve']);
});
