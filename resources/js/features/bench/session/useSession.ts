import { useEffect, useState, useSyncExternalStore } from 'react';
import { useLeaveGuard } from '@/lib/leaveGuard';
import type { BenchData } from '@/types/generated';
import { askingServer, type Asking } from './asking';
import { makeSession, type Session, type SessionState } from './session';

/** The session of a page, its state now, and whom it asks. */
export function useSession(bench: BenchData): readonly [SessionState, Session, Asking] {
  const [asking] = useState(() => askingServer(bench.momentId));
  const [session] = useState(() => makeSession(asking, bench));
  const state = useSyncExternalStore(session.subscribe, session.state);
  useLeaveGuard(state.unsaved, 'Leave without the last change to this moment? It is not stored yet.');
  useEffect(() => {
    // Gear, plans and readings may have changed in another tab: what was known before is asked for again.
    addEventListener('focus', session.forget);
    return () => {
      removeEventListener('focus', session.forget);
      session.stop();
    };
  }, [session]);
  return [state, session, asking];
}
