import { useForm } from '@inertiajs/react';
import { field } from '@/lib/form';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

/** Starts a night; the server adds a first moment, a room and plain gear to work from. */
export function StartNight() {
  const form = useForm({ name: '', place: '', heldOn: '' });
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
      <TextField label="Where?" placeholder="Name of the venue" {...field(form, 'place')} />
      <TextField label="When?" type="date" {...field(form, 'heldOn')} />
      <Button type="submit" look="main" disabled={form.processing}>
        Start the night
      </Button>
    </form>
  );
}
