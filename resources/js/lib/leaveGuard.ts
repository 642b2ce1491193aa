import { router } from '@inertiajs/react';
import { useEffect } from 'react';

/** Asks before a change that is not saved gets lost. */
export function useLeaveGuard(guarded: boolean, question: string): void {
  useEffect(() => {
    if (!guarded) return;
    const warn = (event: BeforeUnloadEvent) => {
      event.preventDefault();
    };
    addEventListener('beforeunload', warn);
    const release = router.on('before', (event) => {
      if (event.detail.visit.method === 'get' && !confirm(question)) event.preventDefault();
    });
    return () => {
      removeEventListener('beforeunload', warn);
      release();
    };
  }, [guarded, question]);
}
