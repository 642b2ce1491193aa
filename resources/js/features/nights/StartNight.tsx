import { useForm } from '@inertiajs/react';
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
      <TextField
        label="What is it?"
        placeholder="Wedding of …"
        value={form.data.name}
        onChange={(name) => {
          form.setData('name', name);
        }}
        error={form.errors.name}
      />
      <TextField
        label="Where?"
        placeholder="Name of the venue"
        value={form.data.place}
        onChange={(place) => {
          form.setData('place', place);
        }}
        error={form.errors.place}
      />
      <TextField
        label="When?"
        type="date"
        value={form.data.heldOn}
        onChange={(heldOn) => {
          form.setData('heldOn', heldOn);
        }}
        error={form.errors.heldOn}
      />
      <Button type="submit" look="main" disabled={form.processing}>
        Start the night
      </Button>
    </form>
  );
}
