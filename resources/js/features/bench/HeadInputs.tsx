import { limits, type BenchData, type SolutionDocument } from '@/types/generated';
import { NumberField } from '@/ui/NumberField';
import { Switcher } from '@/ui/Switcher';
import type { Editing } from './Inputs';

interface Props extends Editing {
  readonly solution: SolutionDocument;
}

const WHOSE = [
  { value: 'advice', label: 'As advised' },
  { value: 'choice', label: 'One of these' },
  { value: 'hand', label: 'Turned by hand' },
] as const;

const ZOOMS = [
  { value: 'follows', label: 'Zoom follows' },
  { value: 'hand', label: 'Zoom by hand' },
] as const;

/** Who points the head, and where a head turned by hand and its zoom stand. */
export function HeadInputs({ draft, solution, faults, onChange }: Props) {
  const { head } = solution;
  const byHand = draft.pointing ?? { turn: head.turn ?? 0, tilt: head.tilt ?? 0 };
  const point = (pointing: BenchData['stored']['draft']['pointing']) => {
    onChange({ ...draft, head: 'by-hand', pointing });
  };
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        <Switcher
          label="Who points the head"
          options={WHOSE}
          value={draft.head === null ? 'advice' : draft.head === 'by-hand' ? 'hand' : 'choice'}
          onChange={(whose) => {
            if (whose === 'hand') point(byHand);
            else onChange({ ...draft, head: whose === 'advice' ? null : head.aim === 'by-hand' ? 'up' : head.aim, pointing: null });
          }}
        />
        <Switcher
          label="Who sets the zoom"
          options={ZOOMS}
          value={draft.zoom === null ? 'follows' : 'hand'}
          onChange={(whose) => {
            onChange({ ...draft, zoom: whose === 'hand' ? Math.round(solution.zoom) : null });
          }}
        />
      </div>
      <div className="grid gap-3 empty:hidden sm:grid-cols-3">
        {draft.head === 'by-hand' && (
          <>
            <NumberField label="Turn, left is above 0" range={limits['pointing.turn']} travel="step" value={byHand.turn} error={faults['pointing.turn']} onChange={(turn) => { point({ ...byHand, turn }); }} />
            <NumberField label="Tilt up from level" range={limits['pointing.tilt']} travel="step" value={byHand.tilt} error={faults['pointing.tilt']} onChange={(tilt) => { point({ ...byHand, tilt }); }} />
          </>
        )}
        {draft.zoom !== null && (
          <NumberField label="Zoom of the head" range={limits.zoom} value={draft.zoom} error={faults['zoom']} onChange={(zoom) => { onChange({ ...draft, zoom }); }} />
        )}
      </div>
      <p className="text-sm text-faint">The zoom stands at {Math.round(solution.zoom)} mm. Drag the ring beside the head in the drawings to turn it.</p>
    </div>
  );
}
