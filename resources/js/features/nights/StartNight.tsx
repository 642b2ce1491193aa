import { useForm } from '@inertiajs/react';
import { field } from '@/lib/form';
import { ownZone } from '@/lib/zone';
import { templates } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { TextField } from '@/ui/TextField';
import { WhenField } from '@/ui/WhenField';

const PATTERNS = [
  { value: '', label: 'a single moment', detail: 'Opens the bench with a supper in a function room.' },
  ...Object.entries(templates).map(([value, label]) => ({ value, label, detail: 'Fills the night with its usual moments, to be moved and changed.' })),
];

/** Starts a night; a venue that is not known yet is taken to lie where this device is. */
export function StartNight({ places }: { readonly places: readonly string[] }) {
  const form = useForm({ name: '', place: '', heldOn: '', template: '', zone: ownZone() });
  return (
    <form
      noValidate
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        form.post('/nights');
      }}
    >
      <TextField label="What is it?" placeholder="Wedding of …" {...field(form, 'name')} />
      <TextField label="Where?" placeholder="Name of the venue" list="places" {...field(form, 'place')} />
      <datalist id="places">
        {places.map((place) => (
          <option key={place} value={place} />
        ))}
      </datalist>
      <WhenField kind="date" label="When?" {...field(form, 'heldOn')} />
      <Choice label="Begin with" options={PATTERNS} {...field(form, 'template')} />
      <Button type="submit" look="main" disabled={form.processing}>
        Start the night
      </Button>
    </form>
  );
}
