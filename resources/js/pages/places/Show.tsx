import { Link, router, useForm } from '@inertiajs/react';
import type { Form, Values } from '@/lib/shape';
import { useShape } from '@/lib/useShape';
import { roomKinds, type RoomSummary } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Confirm } from '@/ui/Confirm';
import { FileLink } from '@/ui/FileLink';
import { Frame } from '@/ui/Frame';
import { Panel, Refused, SaveButton } from '@/ui/Panel';
import { Zones } from '@/ui/ShapeControls';
import { ShapeForm } from '@/ui/ShapeForm';

interface Props {
  readonly id: number;
  readonly nights: number;
  readonly form: Form;
  readonly values: Values;
  readonly rooms: readonly RoomSummary[];
}

export default function Show({ id, nights, form, values, rooms }: Props) {
  const state = useShape(values, 'put', `/places/${id}`);
  const name = String(values['name']);
  return (
    <Frame title={name} path={[{ label: 'Places', href: '/places' }]} actions={<SaveButton state={state} />}>
      <div className="mx-auto grid w-full max-w-6xl items-start gap-6 px-4 py-8 lg:grid-cols-2">
        <Panel title="Rooms" id="rooms">
          {rooms.length === 0 && <p>No room yet. Start from the kind that comes nearest and put in what you measured.</p>}
          <ul className="grid divide-y divide-line empty:hidden">
            {rooms.map((room) => (
              <li key={room.id} className="grid py-2.5">
                <Link href={`/rooms/${room.id}`} className="justify-self-start font-semibold underline decoration-line underline-offset-4 hover:decoration-ink">
                  {room.name}
                </Link>
                <span className="text-faint">
                  {room.size}, ceiling {room.ceiling} · {room.readings === 0 ? 'no light readings' : room.readings === 1 ? 'one light reading' : `${room.readings} light readings`}
                  {room.uses > 0 && ` · ${room.uses === 1 ? 'one moment' : `${room.uses} moments`}`}
                </span>
              </li>
            ))}
          </ul>
          <AddRoom venueId={id} />
        </Panel>
        <Panel title="Where it is, and its rules" id="place">
          <Refused state={state} />
          <ShapeForm form={form} values={state.values} faults={state.faults} onChange={state.change} />
          <Zones />
        </Panel>
        <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
          <FileLink href={`/places/${id}/document`}>The place as JSON</FileLink>
          {nights === 0 && (
            <Confirm
              trigger="Delete the place"
              title={`Delete “${name}”?`}
              sentence={`Its ${rooms.length === 1 ? 'room goes' : `${rooms.length} rooms go`} with it. This cannot be undone.`}
              confirm="Delete it"
              onConfirm={() => {
                router.delete(`/places/${id}`);
              }}
            />
          )}
        </div>
      </div>
    </Frame>
  );
}

const KINDS = Object.entries(roomKinds).map(([value, { label }]) => ({ value, label }));

function AddRoom({ venueId }: { readonly venueId: number }) {
  const form = useForm({ kind: 'function-room' });
  return (
    <form
      className="grid items-end gap-3 sm:grid-cols-[1fr_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        form.post(`/places/${venueId}/rooms`);
      }}
    >
      <Choice
        label="Start from a kind of room"
        options={KINDS}
        value={form.data.kind}
        error={form.errors.kind}
        onChange={(kind) => {
          form.setData('kind', kind);
        }}
      />
      <Button type="submit" disabled={form.processing}>
        Add a room
      </Button>
    </form>
  );
}
