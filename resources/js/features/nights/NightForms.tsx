import { router, useForm } from '@inertiajs/react';
import { field } from '@/lib/form';
import type { NightData } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Confirm } from '@/ui/Confirm';
import { Panel } from '@/ui/Panel';
import { TextField } from '@/ui/TextField';
import { WhenField } from '@/ui/WhenField';

/** What can be done with a night as a whole. */
export function NightForms({ night, moments }: { readonly night: NightData; readonly moments: number }) {
  return (
    <div className="grid items-start gap-5 md:grid-cols-2">
      <Panel title="Name and date" id="rename">
        <NightForm night={night} method="put" url={`/nights/${night.id}`} action="Save" start={{ name: night.name, heldOn: night.heldOn }} />
        <Confirm
          trigger="Delete the night"
          title={`Delete “${night.name}”?`}
          sentence={`Its ${moments === 1 ? 'moment goes' : `${moments} moments go`} with it. This cannot be undone.`}
          confirm="Delete it"
          onConfirm={() => {
            router.delete(`/nights/${night.id}`);
          }}
        />
      </Panel>
      <Panel title="The same once more" id="copy">
        <p>All moments, rooms and gear on another date. Where a room’s curve tells the glow, it moves with the sun.</p>
        <NightForm night={night} method="post" url={`/nights/${night.id}/copy`} action="Duplicate the night" start={{ name: night.name, heldOn: '' }} />
      </Panel>
    </div>
  );
}

interface NightFormProps {
  readonly night: NightData;
  readonly method: 'put' | 'post';
  readonly url: string;
  readonly action: string;
  readonly start: { readonly name: string; readonly heldOn: string };
}

function NightForm({ night, method, url, action, start }: NightFormProps) {
  const form = useForm(`${method} ${night.id}`, { name: start.name, heldOn: start.heldOn });
  return (
    <form
      noValidate
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        form[method](url);
      }}
    >
      <TextField label="Name" {...field(form, 'name')} />
      <WhenField kind="date" label="Date" {...field(form, 'heldOn')} />
      <Button type="submit" disabled={form.processing}>
        {action}
      </Button>
    </form>
  );
}
