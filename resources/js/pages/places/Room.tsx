import { router } from '@inertiajs/react';
import { GlowCurve } from '@/charts/GlowCurve';
import { Readings } from '@/features/places/Readings';
import type { Form, Values } from '@/lib/shape';
import { useShape } from '@/lib/useShape';
import type { GlowCurveData, VenueChoice } from '@/types/generated';
import { Confirm } from '@/ui/Confirm';
import { Frame } from '@/ui/Frame';
import { Panel, Refused, SaveButton } from '@/ui/Panel';
import { ShapeForm } from '@/ui/ShapeForm';
import { WhenField } from '@/ui/WhenField';

interface Props {
  readonly id: number;
  readonly revision: number;
  readonly venue: VenueChoice;
  readonly uses: number;
  readonly form: Form;
  readonly values: Values;
  readonly curve: GlowCurveData;
}

export default function Room({ id, revision, venue, uses, form, values, curve }: Props) {
  const state = useShape(values, 'put', `/rooms/${id}`, revision);
  const name = String(values['name']);
  return (
    <Frame
      title={name}
      path={[
        { label: 'Places', href: '/places' },
        { label: venue.name, href: `/places/${venue.id}` },
      ]}
      actions={<SaveButton state={state} />}
    >
      <div className="mx-auto grid w-full max-w-6xl gap-6 px-4 py-8">
        <Panel title="How its light goes through the evening" id="curve">
          <div className="flex flex-wrap items-end justify-between gap-4">
            <p className="max-w-prose">
              Daylight through the windows and the lamps on their dimmers, corrected by what you measured. The hatched band is the doubt. Times are those of {curve.zone}.
            </p>
            <div className="w-44">
              <WhenField
                label="Evening of"
                kind="date"
                error={undefined}
                value={curve.date}
                onChange={(on) => {
                  if (on !== '') router.get(`/rooms/${id}`, { on }, { only: ['curve'], preserveState: true, preserveScroll: true, replace: true });
                }}
              />
            </div>
          </div>
          <GlowCurve curve={curve} />
          <Readings readings={curve.readings} date={curve.date} />
        </Panel>
        <Panel title="The room" id="room">
          {uses > 0 && <p>{uses === 1 ? 'One moment takes' : `${uses} moments take`} place here; a change holds there too.</p>}
          <Refused state={state} />
          <ShapeForm form={form} values={state.values} faults={state.faults} onChange={state.change} />
        </Panel>
        {uses === 0 && (
          <div>
            <Confirm
              trigger="Delete the room"
              title={`Delete “${name}”?`}
              sentence="Its readings go with it. This cannot be undone."
              confirm="Delete it"
              onConfirm={() => {
                router.delete(`/rooms/${id}`);
              }}
            />
          </div>
        )}
      </div>
    </Frame>
  );
}
