import { memo, type ReactNode } from 'react';
import type { Faults } from '@/lib/http';
import { fields, type MomentDraft } from '@/types/generated';
import { Fold } from '@/ui/Fold';
import { NumberField, type NumericField } from '@/ui/NumberField';
import type { InputProps } from '../session/editing';
import { FaceGlowInputs } from './FaceGlowInputs';
import { GearInputs } from './GearInputs';
import { GlowInputs } from './GlowInputs';
import { FinishChoice, RoomInputs } from './RoomInputs';
import { LookInputs } from './LookInputs';
import { MomentInputs } from './MomentInputs';

/** Everything that can be changed; what changes most often stands first. */
export const Inputs = memo(function Inputs(props: InputProps) {
  const { bench, draft, faults, onChange, settings, isOff, ahead } = props;
  return (
    <div className="grid grid-cols-1 content-start gap-5">
      <Group title="What changes">
        <Ruled field={fields['subject.distance']} value={draft.subject.distance} error={faults['subject.distance']} set={away} onChange={onChange} ahead={ahead} />
        <Ruled field={fields['room.height']} value={draft.room.height} error={faults['room.height']} set={high} onChange={onChange} ahead={ahead} />
        <FinishChoice face="ceiling" label="Ceiling finish" finish={draft.room.finishes.ceiling} error={faults['room.finishes.ceiling']} onChange={onChange} ahead={ahead} />
        <GlowInputs bench={bench} glow={draft.glow} bodyId={draft.bodyId} faults={faults} onChange={onChange} ahead={ahead} />
        <FaceGlowInputs bench={bench} onFace={draft.onFace} hold={draft.look.hold} bodyId={draft.bodyId} faults={faults} onChange={onChange} ahead={ahead} />
        <LookInputs bench={bench} look={draft.look} bodyId={draft.bodyId} lensId={draft.lensId} faults={faults} onChange={onChange} settings={settings} isOff={isOff} ahead={ahead} />
      </Group>
      <Fold title="The whole room" forced={hasFault(faults, ['room.length', 'room.width', 'room.roof', 'room.finishes', 'camera', 'subject.height'])}>
        {bench.othersInRoom > 0 && (
          <p className="text-sm text-faint">
            {bench.roomName} is used by {bench.othersInRoom === 1 ? 'one other moment' : `${bench.othersInRoom} other moments`}; a change holds there too.
          </p>
        )}
        <RoomInputs {...props} />
      </Fold>
      <Fold title="Gear" forced={hasFault(faults, ['body', 'lens', 'flash', 'focal', 'head', 'outfit'])}>
        <GearInputs {...props} />
      </Fold>
      <Fold title="Name and time" forced={hasFault(faults, ['name', 'startsAt'])}>
        <MomentInputs {...props} />
      </Fold>
    </div>
  );
});

interface RuledProps extends Pick<InputProps, 'onChange' | 'ahead'> {
  readonly field: NumericField;
  readonly value: number;
  readonly error: string | undefined;
  /** What a value does to a draft; always the same function, so that nothing is drawn anew for it. */
  readonly set: (value: number) => (before: MomentDraft) => MomentDraft;
}

/** A length on a ruler. */
const Ruled = memo(function Ruled({ field, value, error, set, onChange, ahead }: RuledProps) {
  return (
    <NumberField
      field={field}
      travel="factor"
      value={value}
      error={error}
      onNear={(values) => {
        ahead(values.map(set));
      }}
      onChange={(next) => {
        onChange(set(next));
      }}
    />
  );
});

function away(distance: number) {
  return (before: MomentDraft): MomentDraft => ({ ...before, subject: { ...before.subject, distance } });
}

function high(height: number) {
  return (before: MomentDraft): MomentDraft => ({ ...before, room: { ...before.room, height } });
}

function hasFault(faults: Faults, starts: readonly string[]): boolean {
  return Object.keys(faults).some((field) => starts.some((start) => field.startsWith(start)));
}

function Group({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section className="grid grid-cols-1 gap-3.5">
      <h2 className="text-lg">{title}</h2>
      {children}
    </section>
  );
}
