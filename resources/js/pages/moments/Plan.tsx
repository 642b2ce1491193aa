import type { Form, Values } from '@/lib/shape';
import { useShape } from '@/lib/useShape';
import type { NightData } from '@/types/generated';
import { Choice } from '@/ui/Choice';
import { Frame } from '@/ui/Frame';
import { Refused, SaveButton } from '@/ui/Panel';
import { ShapeForm } from '@/ui/ShapeForm';
import { TextLink } from '@/ui/TextLink';

interface Props {
  readonly momentId: number;
  readonly revision: number;
  readonly night: NightData;
  readonly form: Form;
  readonly values: Values;
  readonly roomId: number;
  readonly rooms: readonly { readonly id: number; readonly name: string }[];
}

export default function Plan({ momentId, revision, night, form, values, roomId, rooms }: Props) {
  const state = useShape({ ...values, roomId }, 'put', `/moments/${momentId}/plan`, revision);
  return (
    <Frame
      title={String(values['name'])}
      path={[
        { label: 'Nights', href: '/nights' },
        { label: night.name, href: `/nights/${night.id}` },
      ]}
      actions={<SaveButton state={state} />}
    >
      <form
        noValidate
        className="mx-auto grid w-full max-w-4xl gap-5 px-4 py-8"
        onSubmit={(event) => {
          event.preventDefault();
          state.save();
        }}
      >
        <p className="flex flex-wrap justify-between gap-x-6">
          <span>What happens, who is there and what you want to bring home. Light and gear are set on the bench.</span>
          <TextLink href={`/moments/${momentId}`}>To the bench</TextLink>
        </p>
        <Refused state={state} />
        <div className="max-w-sm">
          <Choice
            label="Room"
            options={rooms.map((room) => ({ value: String(room.id), label: room.name }))}
            value={String(state.values['roomId'])}
            error={state.faults['roomId']}
            onChange={(id) => {
              state.change({ ...state.values, roomId: Number(id) });
            }}
          />
        </div>
        <ShapeForm form={form} values={state.values} faults={state.faults} onChange={state.change} />
        <button type="submit" className="sr-only" tabIndex={-1}>
          Save
        </button>
      </form>
    </Frame>
  );
}
