import { router } from '@inertiajs/react';
import { useState } from 'react';
import type { Faults } from './http';
import { useLeaveGuard } from './leaveGuard';
import type { Values } from './shape';

const NONE: Faults = {};

export interface ShapeState {
  readonly values: Values;
  readonly faults: Faults;
  readonly unsaved: boolean;
  readonly saving: boolean;
  readonly change: (values: Values) => void;
  readonly save: () => void;
}

/** Values of a form until the server has taken them; `stored` is what it has, of the revision that the page was given. */
export function useShape(stored: Values, method: 'post' | 'put', url: string, revision?: number): ShapeState {
  const [values, setValues] = useState(stored);
  const [faults, setFaults] = useState(NONE);
  const [saving, setSaving] = useState(false);
  const unsaved = JSON.stringify(values) !== JSON.stringify(stored);
  useLeaveGuard(unsaved && !saving, 'Leave without saving the changes on this page?');
  return {
    values,
    faults,
    unsaved,
    saving,
    change: (next) => {
      setFaults(NONE);
      setValues(next);
    },
    save: () => {
      setSaving(true);
      router[method](url, JSON.parse(JSON.stringify({ ...values, revision })) as Record<string, never>, {
        preserveScroll: 'errors',
        preserveState: 'errors',
        onError: setFaults,
        onFinish: () => {
          setSaving(false);
        },
      });
    },
  };
}
