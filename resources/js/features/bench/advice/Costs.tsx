import { memo } from 'react';
import { CostCurve } from '@/charts/CostCurve';
import { percent } from '@/lib/format';
import type { CostDocument, CostsDocument, MomentDraft } from '@/types/generated';
import type { Asking } from '../session/asking';
import { useSettled } from '../session/useSettled';

/** What another distance, ceiling, finish or zoom would cost, with all settings left alone. */
export function Costs({ asking, draft }: { readonly asking: Asking; readonly draft: MomentDraft }) {
  const costs = useSettled('costs', asking, draft);
  return costs === null || costs.distances.length < 2 ? null : <Curves costs={costs} />;
}

/** Drawn anew with a new answer, not with every move of the hand. */
const Curves = memo(function Curves({ costs }: { readonly costs: CostsDocument }) {
  return (
    <section aria-labelledby="costs" className="grid grid-cols-1 gap-3">
      <h2 id="costs" className="text-lg">
        What a change costs
      </h2>
      <p>
        {costs.sentence} Each curve gives stops on the face, and below it the clicks of output to turn.
      </p>
      <div className="grid grid-cols-1 gap-5 md:grid-cols-2">
        <Curve title="Subject nearer or farther" costs={costs.distances} beside={costs.distancesDirect} note="Dashed: bare direct light." />
        <Curve title="Ceiling lower or higher" costs={costs.ceilings} />
        <Curve title={`Another finish on the ${costs.finishedFace === 'ceiling' ? 'ceiling' : 'wall that the head points at'}`} costs={costs.finishes} travel="difference" marks={SHARES} note="Across: how much the finish reflects." />
        <Curve title="Zoom of the head, set by hand" costs={costs.zooms} />
      </div>
    </section>
  );
});

interface CurveProps {
  readonly title: string;
  readonly costs: readonly CostDocument[];
  readonly beside?: readonly CostDocument[];
  readonly travel?: 'factor' | 'difference';
  /** What stands below the curve; the points themselves when there are none. */
  readonly marks?: readonly { readonly value: number; readonly text: string }[];
  readonly note?: string;
}

const SHARES = [0.1, 0.3, 0.5, 0.7].map((value) => ({ value, text: percent(value) }));

function Curve({ title, costs, beside = [], travel = 'factor', marks, note = '' }: CurveProps) {
  if (costs.length < 2) return null;
  return (
    <figure className="grid grid-cols-1 content-start gap-1">
      <figcaption className="text-sm font-medium">{title}</figcaption>
      <CostCurve
        label={costs.map((cost) => `${cost.label}: ${turn(cost.clicks)}`).join(', ')}
        costs={costs}
        beside={beside}
        travel={travel}
        marks={marks ?? costs.map((cost) => ({ value: cost.value, text: cost.label }))}
      />
      <ul className="flex flex-wrap gap-x-4 text-sm">
        {byClicks(costs).map(([clicks, labels]) => (
          <li key={clicks}>
            <span className="font-semibold">{turn(clicks)}</span>: {labels.join(', ')}
          </li>
        ))}
      </ul>
      {note !== '' && <p className="text-sm text-faint">{note}</p>}
    </figure>
  );
}

/** Changes that cost the same stand together. */
function byClicks(costs: readonly CostDocument[]): [number, string[]][] {
  const groups = new Map<number, string[]>();
  for (const cost of costs) groups.set(cost.clicks, [...(groups.get(cost.clicks) ?? []), cost.label]);
  return [...groups];
}

function turn(clicks: number): string {
  return clicks === 0 ? 'as now' : `${Math.abs(clicks)} ${clicks > 0 ? 'up' : 'down'}`;
}
