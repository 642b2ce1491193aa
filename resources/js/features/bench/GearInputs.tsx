import { aims, limits, type GearChoice, type HeadAim } from '@/types/generated';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import type { InputProps } from './Inputs';

const ANY = 'any';
const AIMS = [{ value: ANY, label: 'Kaddle chooses' }, ...(Object.keys(aims) as HeadAim[]).map((value) => ({ value, label: aims[value] }))];

export function GearInputs({ bench, draft, faults, onChange }: InputProps) {
  const lens = bench.lenses.find((choice) => choice.gear.id === draft.lensId);
  return (
    <>
      <Piece
        label="Body"
        pieces={bench.bodies.map((choice) => choice.gear)}
        id={draft.bodyId}
        error={faults['bodyId'] ?? faults['body']}
        onChange={(bodyId) => {
          onChange({ ...draft, bodyId });
        }}
      />
      <Piece
        label="Lens"
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
          label="Focal length"
          range={{ ...limits['lens.focalLength'], min: lens.shortest, max: lens.longest }}
          travel="step"
          value={draft.focalLength}
          error={faults['focalLength']}
          onChange={(focalLength) => {
            onChange({ ...draft, focalLength });
          }}
        />
      )}
      <Piece
        label="Flash"
        pieces={bench.flashUnits}
        id={draft.flashUnitId}
        error={faults['flashUnitId'] ?? faults['flash']}
        onChange={(flashUnitId) => {
          onChange({ ...draft, flashUnitId });
        }}
      />
      <Choice
        label="Head"
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

interface PieceProps {
  readonly label: string;
  readonly pieces: readonly GearChoice[];
  readonly id: number;
  readonly error: string | undefined;
  readonly onChange: (id: number) => void;
}

function Piece({ label, pieces, id, error, onChange }: PieceProps) {
  return (
    <Choice
      label={label}
      options={pieces.map((piece) => ({ value: String(piece.id), label: piece.name, detail: piece.figures }))}
      value={String(id)}
      error={error}
      onChange={(value) => {
        onChange(Number(value));
      }}
    />
  );
}
