import { aims, gels, limits, modifiers, type GearChoice, type GelKind, type HeadAim, type ModifierKind, type MomentDraft } from '@/types/generated';
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
      <OutfitInputs draft={draft} faults={faults} onChange={onChange} />
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

const NOTHING = 'nothing';
const MODIFIERS = [{ value: NOTHING, label: 'bare head' }, ...(Object.keys(modifiers) as ModifierKind[]).map((value) => ({ value, label: modifiers[value] }))];
const GELS = [{ value: NOTHING, label: 'none' }, ...(Object.keys(gels) as GelKind[]).map((value) => ({ value, label: gels[value] }))];
const UNITS = Array.from({ length: limits['outfit.units'].max }, (_, i) => ({ value: String(i + 1), label: i === 0 ? 'one' : `${i + 1} side by side` }));

function OutfitInputs({ draft, faults, onChange }: Omit<InputProps, 'bench'>) {
  const turn = (changes: Partial<MomentDraft['outfit']>) => {
    onChange({ ...draft, outfit: { ...draft.outfit, ...changes } });
  };
  return (
    <>
      <Choice
        label="Units"
        options={UNITS}
        value={String(draft.outfit.units)}
        error={faults['outfit.units']}
        onChange={(value) => {
          turn({ units: Number(value) });
        }}
      />
      <Choice
        label="On the head"
        options={MODIFIERS}
        value={draft.outfit.modifier ?? NOTHING}
        error={faults['outfit.modifier']}
        onChange={(value) => {
          turn({ modifier: value === NOTHING ? null : (value as ModifierKind) });
        }}
      />
      <Choice
        label="Gel"
        options={GELS}
        value={draft.outfit.gel ?? NOTHING}
        error={faults['outfit.gel']}
        onChange={(value) => {
          turn({ gel: value === NOTHING ? null : (value as GelKind) });
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
