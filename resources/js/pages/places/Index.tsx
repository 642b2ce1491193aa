import { Link, useForm } from '@inertiajs/react';
import { field } from '@/lib/form';
import { ownZone } from '@/lib/zone';
import type { VenueData } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Frame } from '@/ui/Frame';
import { Panel } from '@/ui/Panel';
import { Zones } from '@/ui/ShapeControls';
import { TextField } from '@/ui/TextField';
import { TextLink } from '@/ui/TextLink';

interface Props {
  readonly venues: readonly VenueData[];
  readonly next: string | null;
  readonly previous: string | null;
}

export default function Index({ venues, next, previous }: Props) {
  return (
    <Frame title="Your places">
      <div className="mx-auto grid w-full max-w-5xl gap-8 px-4 py-8 md:grid-cols-[1fr_20rem]">
        <section aria-label="Places" className="grid content-start gap-3">
          {venues.length === 0 && (
            <div className="grid gap-2 rounded-lg border border-dashed border-edge p-6">
              <h2 className="text-xl">No place yet</h2>
              <p>Write down a venue once: its rooms, their finishes, windows and lamps, and what you metered there. Kaddle then knows how its light goes down over an evening, on any date.</p>
            </div>
          )}
          {venues.map((venue) => (
            <Link key={venue.id} href={`/places/${venue.id}`} className="grid gap-1 rounded-lg border border-line bg-raised p-4 hover:border-ink">
              <span className="font-head text-xl font-semibold">{venue.name}</span>
              <span className="text-faint">
                {venue.rooms === 1 ? 'one room' : `${venue.rooms} rooms`} · {venue.nights === 1 ? 'one night' : `${venue.nights} nights`} · {venue.zone}
              </span>
            </Link>
          ))}
          <p className="flex gap-6">
            {previous !== null && <TextLink href={previous}>Back</TextLink>}
            {next !== null && <TextLink href={next}>More places</TextLink>}
          </p>
        </section>
        <Panel title="Add a place" id="add">
          <AddPlace />
        </Panel>
      </div>
    </Frame>
  );
}

function AddPlace() {
  const form = useForm({ name: '', zone: ownZone() });
  return (
    <form
      noValidate
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        form.post('/places');
      }}
    >
      <TextField label="Name of the venue" {...field(form, 'name')} />
      <TextField label="Time zone" list="zones" {...field(form, 'zone')} />
      <Zones />
      <Button type="submit" look="main" disabled={form.processing}>
        Add the place
      </Button>
    </form>
  );
}
