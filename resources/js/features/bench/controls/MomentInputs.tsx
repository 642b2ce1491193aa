import { fields } from '@/types/generated';
import { router } from '@inertiajs/react';
import { Confirm } from '@/ui/Confirm';
import { TextField } from '@/ui/TextField';
import { WhenField } from '@/ui/WhenField';
import type { InputProps } from '../session/editing';

export function MomentInputs({ bench, draft, faults, onChange }: InputProps) {
  return (
    <>
      <TextField
        label={fields.name.label}
        value={draft.name}
        error={faults['name']}
        onChange={(name) => {
          onChange({ ...draft, name });
        }}
      />
      <WhenField
        label={fields.startsAt.label}
        kind="time"
        value={draft.startsAt}
        error={faults['startsAt']}
        onChange={(startsAt) => {
          onChange({ ...draft, startsAt });
        }}
      />
      <p className="flex flex-wrap items-center gap-3">
        <a href={`/moments/${bench.momentId}/document`} className="font-medium underline underline-offset-4">
          Download as JSON
        </a>
        <Confirm
          trigger="Delete this moment"
          title={`Delete “${draft.name}”?`}
          sentence="This cannot be undone."
          confirm="Delete it"
          onConfirm={() => {
            router.delete(`/moments/${bench.momentId}`);
          }}
        />
      </p>
    </>
  );
}
