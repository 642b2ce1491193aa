/** Errors by field as the server words them. */
export type Faults = Readonly<Partial<Record<string, string>>>;

/** What became of a request; a discriminated union, so that no state is left to guess. */
export type Answer<T> =
  | { readonly kind: 'answered'; readonly value: T }
  | { readonly kind: 'refused'; readonly faults: Faults }
  /** What it was based on has been changed elsewhere. */
  | { readonly kind: 'conflict'; readonly sentence: string }
  | { readonly kind: 'failed'; readonly sentence: string };

const UNREACHED = { kind: 'failed', sentence: 'No connection to Kaddle. The numbers below are from before the last change.' } as const;
const UNANSWERED = { kind: 'failed', sentence: 'Kaddle could not answer. The numbers below are from before the last change.' } as const;

export function get<T>(url: string): Promise<Answer<T>> {
  return send('GET', url);
}

export function post<T>(url: string, body: unknown): Promise<Answer<T>> {
  return send('POST', url, JSON.stringify(body));
}

export function put<T>(url: string, body: unknown): Promise<Answer<T>> {
  return send('PUT', url, JSON.stringify(body));
}

/** Removes something; there is nothing to read in the answer. */
export function remove(url: string): Promise<Answer<null>> {
  return send('DELETE', url);
}

/** Sends a document as it is, sound or not: the server says what is wrong with it. */
export function postText<T>(url: string, body: string): Promise<Answer<T>> {
  return send('POST', url, body);
}

/** Sends a document that is answered by two, a line each; each of them is told as soon as it has come. */
export function postForTwo<A, B>(url: string, body: unknown): readonly [Promise<Answer<A>>, Promise<Answer<B>>] {
  const opened = reach('POST', url, JSON.stringify(body)).then(async (response) => {
    if (response === null) return UNREACHED;
    return response.ok ? linesOf(response) : refusalOf(response);
  });
  const next = async <T>(): Promise<Answer<T>> => {
    const lines = await opened;
    if ('kind' in lines) return lines;
    try {
      const line = await lines.next();
      return line.done === true ? UNANSWERED : { kind: 'answered', value: JSON.parse(line.value) as T };
    } catch {
      return UNANSWERED;
    }
  };
  return [next<A>(), next<B>()];
}

async function send<T>(method: string, url: string, body?: string): Promise<Answer<T>> {
  const response = await reach(method, url, body);
  if (response === null) return UNREACHED;
  return response.ok ? { kind: 'answered', value: (response.status === 204 ? null : await response.json()) as T } : refusalOf(response);
}

/** What the cookie of this session said: it holds as long as that does, and every answer makes the next look at cookies take a while. */
let token: string | null = null;

/** Null where nobody answers. */
async function reach(method: string, url: string, body?: string): Promise<Response | null> {
  const ask = (known: string) => {
    token = known;
    return fetch(url, {
      method,
      credentials: 'same-origin',
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': known },
      ...(body === undefined ? {} : { body }),
    });
  };
  try {
    const first = token ?? tokenOfCookie();
    const response = await ask(first);
    if (response.status !== 419) return response;
    // Somebody may have signed in anew.
    const now = tokenOfCookie();
    return now === first ? response : await ask(now);
  } catch {
    return null;
  }
}

async function refusalOf(response: Response): Promise<Answer<never>> {
  if (response.status === 422) return { kind: 'refused', faults: firstOfEach(await response.json()) };
  if (response.status === 409) return { kind: 'conflict', sentence: ((await response.json()) as { message: string }).message };
  if (response.status === 413) return { kind: 'failed', sentence: 'This is larger than anything Kaddle expects.' };
  if (response.status === 401 || response.status === 419) {
    return { kind: 'failed', sentence: 'You are signed out. Sign in again in another tab, then go on here.' };
  }
  return UNANSWERED;
}

/** The whole lines of an answer, as they come; one that breaks off is none. */
async function* linesOf({ body }: Response): AsyncGenerator<string, undefined> {
  const reader = body?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (let read = await reader?.read(); read?.value !== undefined; read = await reader?.read()) {
    const lines = (rest + read.value).split('\n');
    rest = lines.pop() ?? '';
    yield* lines;
  }
}

function tokenOfCookie(): string {
  const pair = document.cookie.split('; ').find((cookie) => cookie.startsWith('XSRF-TOKEN='));
  return decodeURIComponent(pair?.slice('XSRF-TOKEN='.length) ?? '');
}

function firstOfEach(body: unknown): Faults {
  const errors = (body as { errors?: Record<string, readonly string[]> }).errors ?? {};
  return Object.fromEntries(Object.entries(errors).map(([field, sentences]) => [field, sentences[0] ?? '']));
}
