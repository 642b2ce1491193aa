import { usePage } from '@inertiajs/react';
import type { AccountData } from '@/types/generated';
import { readerOf, type Reader } from './reader';

/** Tells lengths and times in the units of whoever is signed in. */
export function useReader(): Reader {
  const { account } = usePage<{ account: AccountData | null; [key: string]: unknown }>().props;
  return readerOf(account?.unit ?? 'metres', account?.clock ?? '24');
}
