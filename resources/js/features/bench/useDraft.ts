import { router } from '@inertiajs/react';
import { useCallback, useState, type Dispatch, type SetStateAction } from 'react';
import type { Faults } from '@/lib/http';
import { useLeaveGuard } from '@/lib/leaveGuard';
import type { BenchData, MomentDraft } from '@/types/generated';

const NONE: Faults = {};

export interface DraftState {
  readonly draft: MomentDraft;
  readonly change: Dispatch<SetStateAction<MomentDraft>>;
  readonly unsaved: boolean;
  readonly saving: boolean;
  /** What the server refused at the last save, until the next change. */
  readonly saveFaults: Faults;
  readonly save: () => void;
}

/** The moment as edited on the page, until it is saved. */
export function useDraft(bench: BenchData): DraftState {
  const [draft, setDraft] = useState(bench.draft);
  const [saving, setSaving] = useState(false);
  const [saveFaults, setSaveFaults] = useState(NONE);
  const unsaved = JSON.stringify(draft) !== JSON.stringify(bench.draft);
  useLeaveGuard(unsaved && !saving, 'Leave without saving the changes to this moment?');

  const change = useCallback((next: SetStateAction<MomentDraft>) => {
    setSaveFaults(NONE);
    setDraft(next);
  }, []);
  const save = () => {
    setSaving(true);
    router.put(`/moments/${bench.momentId}`, JSON.parse(JSON.stringify(draft)) as Record<string, never>, {
      preserveScroll: true,
      preserveState: true,
      onError: setSaveFaults,
      onFinish: () => {
        setSaving(false);
      },
    });
  };
  return { draft, change, unsaved, saving, saveFaults, save };
}
