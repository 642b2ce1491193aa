import type { SolutionDocument } from '@/types/generated';

/** Says first whether the moment can be had, and if not, by how much it falls short and what would help. */
export function Verdict({ solution }: { readonly solution: SolutionDocument }) {
  if (solution.feasible) return null;
  return (
    <section aria-labelledby="verdict" className="grid gap-2 border-l-4 border-alarm bg-alarm-wash px-4 py-3">
      <h2 id="verdict" className="text-lg text-alarm">
        This cannot be had with this gear
      </h2>
      <ul className="grid gap-1 font-medium">
        {solution.shortfalls.map((shortfall) => (
          <li key={shortfall.kind}>{shortfall.sentence}</li>
        ))}
      </ul>
      {solution.remedies.length > 0 && (
        <>
          <h3 className="text-base">What would help</h3>
          <ul className="grid list-disc gap-1 pl-5">
            {solution.remedies.map((remedy) => (
              <li key={remedy.sentence}>{remedy.sentence}</li>
            ))}
          </ul>
        </>
      )}
      <p className="text-sm">The settings shown come nearest.</p>
    </section>
  );
}
