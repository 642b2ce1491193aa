import { useEffect, useState } from 'react';
import { CostCurve } from '@/charts/CostCurve';
import { post } from '@/lib/http';
import type { CostDocument, CostsDocument, MomentDraft } from '@/types/generated';

/** ms that a draft must stand still before its curves are asked for; they are no part of a drag. */
const SETTLED = 400;

/** What another distance or ceiling would cost, with all settings left alone. */
export function Costs({ momentId, draft }: { readonly momentId: number; readonly draft: MomentDraft }) {
  const costs = useCosts(momentId, draft);
  if (costs === null || costs.distances.length < 2) return null;
  return (
    <section aria-labelledby="costs" className="grid gap-3">
      <h2 id="costs" className="text-lg">
        What a change costs
      </h2>
      {costs.sentence !== '' && <p>{costs.sentence}</p>}
      <div className="grid gap-5 md:grid-cols-2">
        <Curve title="Subject nearer or farther" costs={costs.distances} beside={costs.distancesDirect} note="Dashed: bare direct light." />
        {costs.ceilings.length > 1 && <Curve title="Ceiling lower or higher" costs={costs.ceilings} beside={[]} note="" />}
      </div>
    </section>
  );
}

interface CurveProps {
  readonly title: string;
  readonly costs: readonly CostDocument[];
  readonly beside: readonly CostDocument[];
  readonly note: string;
}

function Curve({ title, costs, beside, note }: CurveProps) {
  return (
    <figure className="grid content-start gap-1">
      <figcaption className="text-sm font-medium">{title}: stops on the face, and clicks of output to turn</figcaption>
      <CostCurve label={costs.map((cost) => `${cost.value} m: ${turn(cost.clicks)}`).join(', ')} costs={costs} beside={beside} />
      <ul className="flex flex-wrap gap-x-4 text-sm">
        {costs
          .filter((cost) => cost.clicks !== 0)
          .map((cost) => (
            <li key={cost.value}>
              {cost.value} m: <span className="font-semibold">{turn(cost.clicks)}</span>
            </li>
          ))}
      </ul>
      {note !== '' && <p className="text-sm text-faint">{note}</p>}
    </figure>
  );
}

function turn(clicks: number): string {
  return clicks === 0 ? 'as now' : `${Math.abs(clicks)} ${clicks > 0 ? 'up' : 'down'}`;
}

/** The newest curves; older ones stay while newer are on their way or the draft is refused. */
function useCosts(momentId: number, draft: MomentDraft): CostsDocument | null {
  const [costs, setCosts] = useState<CostsDocument | null>(null);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      void post<CostsDocument>(`/moments/${momentId}/costs`, draft).then((answer) => {
        if (wanted && answer.kind === 'answered') setCosts(answer.value);
      });
    }, SETTLED);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [momentId, draft]);
  return costs;
}
