import { existsSync, readFileSync } from 'node:fs';
import { Agent, request, type IncomingHttpHeaders } from 'node:http';

export const URL_OF_PAGE = new URL(process.env['KADDLE_URL'] ?? 'http://127.0.0.1:8017');
export const DEMO = { email: 'demo@kaddle.example', password: 'ropewalk-evening' };

export interface Reply {
  readonly status: number;
  readonly headers: IncomingHttpHeaders;
  readonly text: string;
  readonly ms: number;
}

/** Somebody with a jar of cookies who sends whatever he likes, without a browser's manners. */
export class Visitor {
  private readonly jar = new Map<string, string>();

  constructor(
    private readonly page = URL_OF_PAGE,
    private readonly agent = new Agent({ keepAlive: true, maxSockets: 200 }),
  ) {}

  send(method: string, path: string, body?: string, headers: Readonly<Record<string, string>> = {}): Promise<Reply> {
    const start = performance.now();
    return new Promise((resolve, reject) => {
      const asked = request(
        {
          host: this.page.hostname,
          port: this.page.port,
          method,
          path,
          agent: this.agent,
          headers: {
            Accept: 'application/json',
            Cookie: [...this.jar].map(([name, value]) => `${name}=${value}`).join('; '),
            'X-XSRF-TOKEN': decodeURIComponent(this.jar.get('XSRF-TOKEN') ?? ''),
            ...(body === undefined ? {} : { 'Content-Type': 'application/json', 'Content-Length': String(Buffer.byteLength(body)) }),
            ...headers,
          },
        },
        (response) => {
          this.keep(response.headers['set-cookie'] ?? []);
          const parts: Buffer[] = [];
          response.on('data', (part: Buffer) => parts.push(part));
          response.on('error', reject);
          response.on('end', () => {
            resolve({ status: response.statusCode ?? 0, headers: response.headers, text: Buffer.concat(parts).toString(), ms: performance.now() - start });
          });
        },
      );
      asked.setTimeout(60_000, () => asked.destroy(new Error(`no answer to ${method} ${path} within a minute`)));
      asked.on('error', reject);
      asked.end(body);
    });
  }

  get(path: string): Promise<Reply> {
    return this.send('GET', path);
  }

  json(method: string, path: string, data: unknown): Promise<Reply> {
    return this.send(method, path, JSON.stringify(data));
  }

  /** What a page of the application is given. */
  async props<T>(path: string): Promise<T> {
    const { text, status } = await this.send('GET', path, undefined, { Accept: 'text/html' });
    const data = /<script data-page="app" type="application\/json">(.*?)<\/script>/s.exec(text)?.[1];
    if (data === undefined) throw new Error(`${path} is no page: ${status} ${text.slice(0, 200)}`);
    return (JSON.parse(data) as { props: T }).props;
  }

  async signIn(who = DEMO): Promise<Reply> {
    await this.get('/sign-in');
    return this.json('POST', '/sign-in', who);
  }

  private keep(cookies: readonly string[]): void {
    for (const cookie of cookies) {
      const [name = '', value = ''] = cookie.split(';')[0]?.split(/=(.*)/s) ?? [];
      this.jar.set(name, value);
    }
  }
}

/** A new account, confirmed by the link in its mail. */
export async function newcomer(page = URL_OF_PAGE, log = process.env['KADDLE_ACCOUNT_LOG'] ?? 'var/storage/logs/mail.log'): Promise<{ visitor: Visitor; email: string; password: string }> {
  const email = `guest-${Date.now()}-${Math.floor(Math.random() * 1e6)}@kaddle.example`;
  const password = 'a long enough one';
  const visitor = new Visitor(page);
  await visitor.get('/register');
  await visitor.json('POST', '/register', { name: 'A guest', email, password });
  for (let look = 0; look < 50; ++look) {
    await pause(100);
    const mail = (existsSync(log) ? readFileSync(log, 'utf8') : '')
      .split('\nTo: ')
      .filter((part) => part.startsWith(email))
      .at(-1);
    const link = mail?.match(/\/confirm\/\d+\?expires=\d+&(?:amp;)?signature=[0-9a-f]+/)?.[0].replace('&amp;', '&');
    if (link !== undefined) {
      const { status, text } = await visitor.json('POST', link, { password });
      if (status >= 400) throw new Error(`not confirmed: ${status} ${text}`);
      return { visitor, email, password };
    }
  }
  throw new Error('no mail has come');
}

/** How much slower than a quiet machine this one is just now, at least 1: a bound in seconds is stretched by it. */
export async function slowness(): Promise<number> {
  const times = [];
  for (let i = 0; i < 5; ++i) {
    const own = new Visitor();
    const signed = await own.signIn();
    times.push(signed.ms);
    await own.json('POST', '/sign-out', {});
  }
  return Math.max(1, (times.sort((a, b) => a - b)[2] ?? 0) / USUAL_SIGN_IN);
}

/** Milliseconds that a sign-in takes on a quiet machine of two cores, most of it for the password. */
const USUAL_SIGN_IN = 200;

export const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** The value below which 95 % of these lie. */
export function percentile95(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.max(0, Math.ceil(values.length * 0.95) - 1)] ?? Number.POSITIVE_INFINITY;
}

/** What a bench is given of its moment, and what it sends. */
export interface Stored {
  readonly draft: Record<string, unknown> & { readonly subject: { readonly distance: number; readonly height: number } };
  readonly revision: string;
}

/** A night of one moment, with what its bench was given. */
export async function newNight(visitor: Visitor, name = `Night ${Math.random()}`): Promise<{ moment: string; night: string; stored: Stored }> {
  const { headers, status, text } = await visitor.json('POST', '/nights', { name, place: `Place of ${name}`, heldOn: '2027-06-12', zone: 'UTC' });
  const moment = /\/moments\/\d+/.exec(headers.location ?? '')?.[0];
  if (moment === undefined) throw new Error(`no night: ${status} ${text}`);
  const { bench } = await visitor.props<{ bench: { night: { id: number }; stored: Stored } }>(moment);
  return { moment, night: `/nights/${bench.night.id}`, stored: bench.stored };
}

/** The draft with its subject elsewhere, as the bench would send it. */
export function movedTo(stored: Stored, distance: number): Record<string, unknown> {
  return { ...stored.draft, revision: stored.revision, subject: { ...stored.draft.subject, distance } };
}
