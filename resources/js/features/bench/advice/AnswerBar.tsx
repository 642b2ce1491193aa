import { useEffect, useState } from 'react';
import type { SolutionDocument } from '@/types/generated';

/** On small screens the answer stays in sight while the inputs are changed: where the settings themselves are not to be seen. */
export function AnswerBar({ solution }: { readonly solution: SolutionDocument }) {
  const isNeeded = !useInSight('settings');
  const parts = {
    shutter: solution.shutter.label,
    aperture: solution.aperture.label,
    iso: `ISO ${solution.iso.label}`,
    output: solution.output.label,
    head: solution.head.label,
  };
  if (!isNeeded) return null;
  return (
    <p aria-hidden className="sticky bottom-0 z-10 flex flex-wrap gap-x-4 border-t-2 border-ink bg-raised px-4 py-2 font-head font-bold lg:hidden">
      {Object.entries(parts).map(([control, label]) => (
        <span key={control}>{label}</span>
      ))}
      {!solution.feasible && <span className="text-alarm">falls short</span>}
    </p>
  );
}

/** Whether the part that a heading names is on the screen. */
function useInSight(heading: string): boolean {
  const [isInSight, setInSight] = useState(true);
  useEffect(() => {
    const part = document.getElementById(heading)?.parentElement;
    if (part === null || part === undefined) return;
    const watch = new IntersectionObserver((entries) => {
      setInSight(entries.at(-1)?.isIntersecting ?? true);
    });
    watch.observe(part);
    return () => {
      watch.disconnect();
    };
  }, [heading]);
  return isInSight;
}
