import { memo } from 'react';
import { signed } from '@/lib/format';
import type { AimDocument, HeadAim } from '@/types/generated';

interface Props {
  readonly aims: readonly AimDocument[];
  readonly inUse: HeadAim;
}

/** Every way to point the head side by side, least trouble first. */
export const Aims = memo(function Aims({ aims, inUse }: Props) {
  return (
    <section aria-labelledby="aims" className="grid gap-2 overflow-x-auto">
      <h2 id="aims" className="text-lg">
        Ways to point the head
      </h2>
      <table className="w-full text-left">
        <thead className="text-sm text-faint">
          <tr>
            <th scope="col" className="py-1 font-medium">
              Head
            </th>
            <th scope="col" className="py-1 pr-3 text-right font-medium">
              Output
            </th>
            <th scope="col" className="py-1 pr-3 text-right font-medium">
              Above / face, stops
            </th>
            <th scope="col" className="py-1 text-right font-medium">
              Full pop, lx·s
            </th>
          </tr>
        </thead>
        <tbody>
          {aims.map((aim) => (
            <tr key={aim.aim} className={`border-t border-line ${aim.aim === inUse ? 'font-semibold' : ''}`}>
              <th scope="row" className={`py-1.5 pr-3 ${aim.aim === inUse ? 'font-semibold' : 'font-normal'}`}>
                {aim.label}
                {aim.aim === inUse && <span className="sr-only"> (in use)</span>}
              </th>
              <td className="py-1.5 pr-3 text-right whitespace-nowrap">{reach(aim)}</td>
              <td className="py-1.5 pr-3 text-right">{signed(aim.crownOverFace)}</td>
              <td className="py-1.5 text-right">{aim.faceExposure.toPrecision(3)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
});

function reach(aim: AimDocument): string {
  if (aim.lacking === null) return 'no light';
  return aim.lacking > 0 ? `${aim.lacking.toFixed(1)} short` : aim.output;
}
