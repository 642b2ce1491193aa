import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

let { get, post, postForTwo, postText, put, remove } = await import('./http');

type Sent = readonly [string, RequestInit];

/** Answers every request alike, and keeps what was asked. */
function server(answer: Response | Error): { readonly sent: Sent[] } {
  const sent: Sent[] = [];
  vi.stubGlobal('fetch', (url: string, init: RequestInit) => {
    sent.push([url, init]);
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer.clone());
  });
  return { sent };
}

function json(body: unknown, status = 200): Response {
  return new Response(JSON.stringify(body), { status });
}

beforeEach(async () => {
  vi.resetModules();
  ({ get, post, postForTwo, postText, put, remove } = await import('./http'));
  vi.stubGlobal('document', { cookie: 'theme=dark; XSRF-TOKEN=a%3Db; other=1' });
});
afterEach(() => {
  vi.unstubAllGlobals();
});

describe('what is sent', () => {
  it('carries the method, the body as JSON, and the token that the cookie has', async () => {
    const { sent } = server(json({ iso: 800 }));
    expect(await post('/moments/1/solve', { a: [1] })).toEqual({ kind: 'answered', value: { iso: 800 } });
    expect(await put('/moments/1', { b: null })).toEqual({ kind: 'answered', value: { iso: 800 } });
    expect(sent.map(([url, { method, body }]) => [url, method, body])).toEqual([
      ['/moments/1/solve', 'POST', '{"a":[1]}'],
      ['/moments/1', 'PUT', '{"b":null}'],
    ]);
    expect(sent[0]?.[1].headers).toMatchObject({ 'X-XSRF-TOKEN': 'a=b', Accept: 'application/json' });
    expect(sent[0]?.[1].credentials).toBe('same-origin');
  });

  it('is nothing where there is nothing to say, and a text as it is, sound or not', async () => {
    const { sent } = server(json({}));
    await get('/moments/1/state');
    await postText('/import', '{"half":');
    expect('body' in (sent[0]?.[1] ?? {})).toBe(false);
    expect(sent[1]?.[1].body).toBe('{"half":');
  });

  it('is sent without a token where no cookie has one', async () => {
    vi.stubGlobal('document', { cookie: '' });
    const { sent } = server(json({}));
    await get('/x');
    expect(sent[0]?.[1].headers).toMatchObject({ 'X-XSRF-TOKEN': '' });
  });
});

it('is sent once more where somebody has signed in anew meanwhile, and only then', async () => {
  const tokens: string[] = [];
  vi.stubGlobal('fetch', (_: string, { headers }: { headers: Record<string, string> }) => {
    tokens.push(headers['X-XSRF-TOKEN'] ?? '');
    return Promise.resolve(headers['X-XSRF-TOKEN'] === 'c' ? json({ iso: 800 }) : json({}, 419));
  });
  expect((await get('/x')).kind).toBe('failed');
  vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=c' });
  expect(await get('/x')).toEqual({ kind: 'answered', value: { iso: 800 } });
  vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=d' });
  expect((await get('/x')).kind).toBe('answered');
  expect(tokens).toEqual(['a=b', 'a=b', 'c', 'c']);
});

describe('what comes back', () => {
  it('is nothing after something was removed', async () => {
    server(new Response(null, { status: 204 }));
    expect(await remove('/pins/1')).toEqual({ kind: 'answered', value: null });
  });

  it('is the first fault of each field', async () => {
    server(json({ message: 'no', errors: { 'look.fill': ['Too much.', 'And no number.'], page: [] } }, 422));
    expect(await post('/x', {})).toEqual({ kind: 'refused', faults: { 'look.fill': 'Too much.', page: '' } });
    server(json({ message: 'no' }, 422));
    expect(await post('/x', {})).toEqual({ kind: 'refused', faults: {} });
  });

  it('says what was changed elsewhere', async () => {
    server(json({ message: 'Somebody was quicker.' }, 409));
    expect(await put('/x', {})).toEqual({ kind: 'conflict', sentence: 'Somebody was quicker.' });
  });

  it.each([
    [new TypeError('offline'), 'No connection'],
    [json({}, 413), 'larger than anything'],
    [json({}, 401), 'signed out'],
    [json({}, 419), 'signed out'],
    [json({}, 500), 'could not answer'],
    [new Response('<html>', { status: 502 }), 'could not answer'],
  ])('says in words that there is no answer (%#)', async (answer, words) => {
    server(answer);
    const told = await get('/x');
    expect(told.kind).toBe('failed');
    expect(told.kind === 'failed' ? told.sentence : '').toContain(words);
  });
});

describe('two answers to one question', () => {
  /** An answer that comes in pieces, as a test says. */
  function pieces() {
    let body: ReadableStreamDefaultController<Uint8Array> | undefined;
    const stream = new ReadableStream<Uint8Array>({
      start: (controller) => {
        body = controller;
      },
    });
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(stream)));
    return { come: (text: string) => body?.enqueue(new TextEncoder().encode(text)), end: () => body?.close(), breakOff: () => body?.error(new TypeError('gone')) };
  }

  it('are told as they come, wherever the pieces part', async () => {
    const { come, end } = pieces();
    const [first, second] = postForTwo<{ iso: number }, { name: string }>('/moments/1/pictured', {});
    come('{"iso":');
    come('800}\n{"na');
    expect(await first).toEqual({ kind: 'answered', value: { iso: 800 } });
    come('me":"Vows"}\n');
    expect(await second).toEqual({ kind: 'answered', value: { name: 'Vows' } });
    end();
  });

  it('are one, where the rest never comes', async () => {
    for (const how of ['end', 'breakOff'] as const) {
      const answer = pieces();
      const [first, second] = postForTwo('/x', {});
      answer.come('{"iso":800}\n{"half');
      expect((await first).kind).toBe('answered');
      answer[how]();
      expect(await second).toMatchObject({ kind: 'failed', sentence: expect.stringContaining('could not answer') as string });
    }
  });

  it('are refused together', async () => {
    server(json({ errors: { 'subject.distance': ['Too far.'] } }, 422));
    const refused = { kind: 'refused', faults: { 'subject.distance': 'Too far.' } };
    expect(await Promise.all(postForTwo('/x', {}))).toEqual([refused, refused]);
    server(new TypeError('offline'));
    expect((await Promise.all(postForTwo('/x', {}))).map(({ kind }) => kind)).toEqual(['failed', 'failed']);
  });
});
