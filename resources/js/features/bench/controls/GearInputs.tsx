import { aims, fields, type GearChoice, type HeadAim, type MomentDraft } from '@/types/generated';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import type { InputProps } from '../session/editing';

const ANY = 'any';
const OWN = 'own';
const LENSES = [
  { value: ANY, label: 'or another that gives this frame' },
  { value: OWN, label: 'this one only' },
];
const AIMS = [{ value: ANY, label: 'Kaddle chooses' }, ...(Object.keys(aims) as HeadAim[]).map((value) => ({ value, label: aims[value] }))];

export function GearInputs({ bench, draft, faults, onChange }: InputProps) {
  const lens = bench.lenses.find((choice) => choice.gear.id === draft.lensId);
  return (
    <>
      <Piece
        label={fields.bodyId.label}
        pieces={bench.bodies.map((choice) => choice.gear)}
        id={draft.bodyId}
        error={faults['bodyId'] ?? faults['body']}
        onChange={(bodyId) => {
          onChange({ ...draft, bodyId });
        }}
      />
      <Piece
        label={fields.lensId.label}
        pieces={bench.lenses.map((choice) => choice.gear)}
        id={draft.lensId}
        error={faults['lensId'] ?? faults['lens']}
        onChange={(lensId) => {
          const next = bench.lenses.find((choice) => choice.gear.id === lensId);
          const focalLength = next === undefined ? draft.focalLength : Math.min(next.longest, Math.max(next.shortest, draft.focalLength));
          onChange({ ...draft, lensId, focalLength });
        }}
      />
      {lens !== undefined && lens.shortest < lens.longest && (
        <NumberField
          field={{ ...fields.focalLength, min: lens.shortest, max: lens.longest }}
          travel="step"
          value={draft.focalLength}
          error={faults['focalLength']}
          onChange={(focalLength) => {
            onChange({ ...draft, focalLength });
          }}
        />
      )}
      {bench.lenses.length > 1 && (
        <Choice
          label="Lens in the score"
          options={LENSES}
          value={draft.ownLens ? OWN : ANY}
          error={faults['ownLens']}
          onChange={(value) => {
            onChange({ ...draft, ownLens: value === OWN });
          }}
        />
      )}
      <Piece
        label={fields.flashId.label}
        pieces={bench.flashUnits}
        id={draft.flashId}
        error={faults['flashId'] ?? faults['flash']}
        onChange={(flashId) => {
          onChange({ ...draft, flashId });
        }}
      />
      <OutfitInputs bench={bench} draft={draft} faults={faults} onChange={onChange} />
      <Choice
        label={fields.head.label}
        options={AIMS}
        value={draft.head ?? ANY}
        error={faults['head']}
        onChange={(value) => {
          onChange({ ...draft, head: value === ANY ? null : (value as HeadAim) });
        }}
      />
    </>
  );
}

const NOTHING = 0;
const SAME = 'same';
const ALIKE = { gelled: null, otherGelId: null };
const UNITS = Array.from({ length: fields['outfit.units'].max }, (_, i) => ({ value: String(i + 1), label: i === 0 ? 'one' : `${i + 1} side by side` }));

function OutfitInputs({ bench, draft, faults, onChange }: Omit<InputProps, 'settings' | 'isOff' | 'ahead'>) {
  const turn = (changes: Partial<MomentDraft['outfit']>) => {
    onChange({ ...draft, outfit: { ...draft.outfit, ...changes } });
  };
  return (
    <>
      <Choice
        label={fields['outfit.units'].label}
        options={UNITS}
        value={String(draft.outfit.units)}
        error={faults['outfit.units']}
        onChange={(value) => {
          turn({ units: Number(value), ...ALIKE });
        }}
      />
      <Piece
        label={fields['outfit.modifierId'].label}
        none="bare head"
        pieces={bench.modifiers}
        id={draft.outfit.modifierId ?? NOTHING}
        error={faults['outfit.modifierId']}
        onChange={(id) => {
          turn({ modifierId: id === NOTHING ? null : id });
        }}
      />
      <Piece
        label={fields['outfit.gelId'].label}
        none="none"
        pieces={bench.gels}
        id={draft.outfit.gelId ?? NOTHING}
        error={faults['outfit.gelId']}
        onChange={(id) => {
          turn({ gelId: id === NOTHING ? null : id });
        }}
      />
      {draft.outfit.units > 1 && (
        <Choice
          label={fields['outfit.otherGelId'].label}
          options={[{ value: SAME, label: 'the same' }, ...choices(bench.gels, 'none')]}
          value={draft.outfit.gelled === null ? SAME : String(draft.outfit.otherGelId ?? NOTHING)}
          error={faults['outfit.otherGelId']}
          onChange={(value) => {
            const id = Number(value);
            turn(value === SAME ? ALIKE : { gelled: draft.outfit.gelled ?? 1, otherGelId: id === NOTHING ? null : id });
          }}
        />
      )}
      {draft.outfit.gelled !== null && draft.outfit.units > 2 && (
        <Choice
          label={fields['outfit.gelled'].label}
          options={UNITS.slice(0, draft.outfit.units - 1).map(({ value }) => ({ value, label: value }))}
          value={String(draft.outfit.gelled)}
          error={faults['outfit.gelled']}
          onChange={(value) => {
            turn({ gelled: Number(value) });
          }}
        />
      )}
    </>
  );
}

/** @param none what choosing nothing is called, where that is allowed */
function choices(pieces: readonly GearChoice[], none?: string) {
  return [
    ...(none === undefined ? [] : [{ value: String(NOTHING), label: none }]),
    ...pieces.map((piece) => ({ value: String(piece.id), label: piece.name, detail: piece.figures })),
  ];
}

interface PieceProps {
  readonly label: string;
  readonly pieces: readonly GearChoice[];
  /** What choosing nothing is called, where that is allowed. */
  readonly none?: string;
  readonly id: number;
  readonly error: string | undefined;
  readonly onChange: (id: number) => void;
}

function Piece({ label, pieces, none, id, error, onChange }: PieceProps) {
  return (
    <Choice
      label={label}
      options={choices(pieces, none)}
      value={String(id)}
      error={error}
      onChange={(value) => {
        onChange(Number(value));
      }}
    />
  );
}
