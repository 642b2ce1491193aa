import { lazy, type ComponentType } from 'react';

/** ms after which a part that could not be fetched is asked for again. */
const AGAIN = 3000;

/**
 * A part of a page that comes after it: fetched at once, but not waited for, and asked for again as long as the server
 * cannot be reached. Until it is there, the `Suspense` around it shows what it has.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>) {
  const coming = fetched(load);
  return lazy(async () => ({ default: await coming }));
}

async function fetched<T>(load: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await load();
    } catch {
      await new Promise((resolve) => setTimeout(resolve, AGAIN));
    }
  }
}
