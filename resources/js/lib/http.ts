/** Errors by field as the server words them. */
export type Faults = Readonly<Partial<Record<string, string>>>;

/** What became of a request; a discriminated union, so that no state is left to guess. */
export type Answer<T> =
  | { readonly kind: 'answered'; readonly value: T }
  | { readonly kind: 'refused'; readonly faults: Faults }
  /** What it was based on has been changed elsewhere. */
  | { readonly kind: 'conflict'; readonly sentence: string }
  | { readonly kind: 'failed'; readonly sentence: string };

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

async function send<T>(method: string, url: string, body?: string): Promise<Answer<T>> {
  let response: Response;
  try {
    response = await fetch(url, {
      method,
      credentials: 'same-origin',
      headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token() },
      ...(body === undefined ? {} : { body }),
    });
  } catch {
    return { kind: 'failed', sentence: 'No connection to Kaddle. The numbers below are from before the last change.' };
  }
  if (response.ok) return { kind: 'answered', value: (response.status === 204 ? null : await response.json()) as T };
  if (response.status === 422) return { kind: 'refused', faults: firstOfEach(await response.json()) };
  if (response.status === 409) return { kind: 'conflict', sentence: ((await response.json()) as { message: string }).message };
  if (response.status === 413) return { kind: 'failed', sentence: 'This is larger than anything Kaddle expects.' };
  if (response.status === 401 || response.status === 419) {
    return { kind: 'failed', sentence: 'You are signed out. Sign in again in another tab, then go on here.' };
  }
  return { kind: 'failed', sentence: 'Kaddle could not answer. The numbers below are from before the last change.' };
}

function token(): string {
  const pair = document.cookie.split('; ').find((cookie) => cookie.startsWith('XSRF-TOKEN='));
  return decodeURIComponent(pair?.slice('XSRF-TOKEN='.length) ?? '');
}

function firstOfEach(body: unknown): Faults {
  const errors = (body as { errors?: Record<string, readonly string[]> }).errors ?? {};
  return Object.fromEntries(Object.entries(errors).map(([field, sentences]) => [field, sentences[0] ?? '']));
}
