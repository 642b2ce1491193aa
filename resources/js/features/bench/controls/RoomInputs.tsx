import { memo } from 'react';
import { finishes, fields, ridges, roomKinds, usual, type Finish, type FinishesDraft, type MomentDraft, type RidgeWay } from '@/types/generated';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import type { InputProps } from '../session/editing';

const OPTIONS = (Object.keys(finishes) as Finish[]).map((value) => ({ value, label: finishes[value].label, detail: finishes[value].source }));

const KINDS = Object.keys(roomKinds) as (keyof typeof roomKinds)[];

const FACES: readonly { readonly face: keyof FinishesDraft; readonly label: string }[] = [
  { face: 'floor', label: 'Floor' },
  { face: 'back', label: 'Wall behind you' },
  { face: 'far', label: 'Far wall' },
  { face: 'left', label: 'Left wall' },
  { face: 'right', label: 'Right wall' },
];

export function RoomInputs(props: InputProps) {
  const { draft, faults, onChange, ahead } = props;
  return (
    <>
      <Choice
        label="Start from a kind of room"
        options={[{ value: '', label: 'as it is' }, ...KINDS.map((kind) => ({ value: kind, label: roomKinds[kind].label }))]}
        value=""
        onChange={(value) => {
          const kind = KINDS.find((known) => known === value);
          if (kind !== undefined) onChange({ ...draft, room: roomKinds[kind].room });
        }}
      />
      <NumberField
        field={fields['room.length']}
        value={draft.room.length}
        error={faults['room.length']}
        onChange={(length) => {
          onChange({ ...draft, room: { ...draft.room, length } });
        }}
      />
      <NumberField
        field={fields['room.width']}
        value={draft.room.width}
        error={faults['room.width']}
        onChange={(width) => {
          onChange({ ...draft, room: { ...draft.room, width } });
        }}
      />
      <RoofInputs {...props} />
      {FACES.map(({ face, label }) => (
        <FinishChoice key={face} face={face} label={label} finish={draft.room.finishes[face]} error={faults[`room.finishes.${face}`]} onChange={onChange} ahead={ahead} />
      ))}
      <NumberField
        field={fields['camera.fromBackWall']}
        value={draft.camera.fromBackWall}
        error={faults['camera.fromBackWall']}
        onChange={(fromBackWall) => {
          onChange({ ...draft, camera: { ...draft.camera, fromBackWall } });
        }}
      />
      <NumberField
        field={fields['camera.height']}
        value={draft.camera.height}
        error={faults['camera.height']}
        onChange={(height) => {
          onChange({ ...draft, camera: { ...draft.camera, height } });
        }}
      />
      <NumberField
        field={fields['subject.height']}
        value={draft.subject.height}
        error={faults['subject.height']}
        onChange={(height) => {
          onChange({ ...draft, subject: { ...draft.subject, height } });
        }}
      />
    </>
  );
}

const FLAT = 'flat';
const ROOFS = [{ value: FLAT, label: 'flat' }, ...(Object.keys(ridges) as RidgeWay[]).map((value) => ({ value, label: `pitched, ridge ${ridges[value]}` }))];

function RoofInputs({ draft, faults, onChange }: InputProps) {
  const { roof, height } = draft.room;
  const range = fields['room.roof.ridge'];
  return (
    <>
      <Choice
        label="Roof"
        options={ROOFS}
        value={roof?.runs ?? FLAT}
        error={faults['room.roof']}
        onChange={(value) => {
          const next = value === FLAT ? null : { ridge: roof?.ridge ?? Math.min(range.max, height + usual.rise), runs: value as RidgeWay };
          onChange({ ...draft, room: { ...draft.room, roof: next } });
        }}
      />
      {roof !== null && (
        <NumberField
          field={range}
          value={roof.ridge}
          error={faults['room.roof.ridge']}
          onChange={(ridge) => {
            onChange({ ...draft, room: { ...draft.room, roof: { ...roof, ridge } } });
          }}
        />
      )}
    </>
  );
}

interface FinishProps extends Pick<InputProps, 'onChange' | 'ahead'> {
  readonly face: keyof FinishesDraft;
  readonly label: string;
  readonly finish: Finish;
  readonly error: string | undefined;
}

export const FinishChoice = memo(function FinishChoice({ face, label, finish, error, onChange, ahead }: FinishProps) {
  const painted = (value: string) => (before: MomentDraft): MomentDraft => ({ ...before, room: { ...before.room, finishes: { ...before.room.finishes, [face]: value as Finish } } });
  return (
    <Choice
      label={label}
      options={OPTIONS}
      value={finish}
      error={error}
      onNear={(values) => {
        ahead(values.map(painted));
      }}
      onChange={(value) => {
        onChange(painted(value));
      }}
    />
  );
});
