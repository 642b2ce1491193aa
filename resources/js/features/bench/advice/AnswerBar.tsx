import type { SolutionDocument } from '@/types/generated';

/** On small screens the answer stays in sight while the inputs are changed. */
export function AnswerBar({ solution }: { readonly solution: SolutionDocument }) {
  const parts = {
    shutter: solution.shutter.label,
    aperture: solution.aperture.label,
    iso: `ISO ${solution.iso.label}`,
    output: solution.output.label,
    head: solution.head.label,
  };
  return (
    <p aria-hidden className="sticky bottom-0 z-10 flex flex-wrap gap-x-4 border-t-2 border-ink bg-raised px-4 py-2 font-head font-bold lg:hidden">
      {Object.entries(parts).map(([control, label]) => (
        <span key={control}>{label}</span>
      ))}
      {!solution.feasible && <span className="text-alarm">falls short</span>}
    </p>
  );
}
