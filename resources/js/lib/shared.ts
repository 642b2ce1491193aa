/**
 * The newer of two values, with those parts of the older in it that are equal: what shows a part
 * need not be drawn again because something else has changed. Plain data as JSON carries it.
 */
export function shared<T>(older: unknown, newer: T): T {
  if (Object.is(older, newer)) return newer;
  if (Array.isArray(older) && Array.isArray(newer)) {
    const parts = newer.map((part: unknown, i) => shared<unknown>(older[i], part));
    return (older.length === parts.length && parts.every((part, i) => part === older[i]) ? older : parts) as T;
  }
  if (isRecord(older) && isRecord(newer)) {
    const parts = Object.fromEntries(Object.entries(newer).map(([key, part]) => [key, shared(older[key], part)]));
    return (Object.keys(older).length === Object.keys(parts).length && Object.entries(parts).every(([key, part]) => part === older[key]) ? older : parts) as T;
  }
  return newer;
}

/** Whether two such values are equal in all their parts. */
export function areEqual(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (Array.isArray(one) && Array.isArray(other)) return one.length === other.length && one.every((part, i) => areEqual(part, other[i]));
  if (!isRecord(one) || !isRecord(other)) return false;
  const parts = Object.entries(one);
  return parts.length === Object.keys(other).length && parts.every(([key, part]) => key in other && areEqual(part, other[key]));
}

function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
