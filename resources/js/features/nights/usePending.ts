import { router } from '@inertiajs/react';
import { useEffect } from 'react';

/** Asks for the rest of a page, some answers at a time, until none is missing. */
export function usePending(pending: number, prop: string): void {
  useEffect(() => {
    if (pending === 0) return;
    const timer = setTimeout(() => {
      router.reload({ only: [prop] });
    }, 50);
    return () => {
      clearTimeout(timer);
    };
  }, [pending, prop]);
}
