import { memo } from 'react';
import type { ReasonDocument } from '@/types/generated';

/** The chain of thought, in sentences with numbers. */
export const Why = memo(function Why({ reasons }: { readonly reasons: readonly ReasonDocument[] }) {
  return (
    <section aria-labelledby="why" className="grid content-start gap-3">
      <h2 id="why" className="text-lg">
        Why
      </h2>
      <ol className="grid gap-3">
        {reasons.map((reason) => (
          <li key={reason.about} className="grid gap-0.5 border-l-2 border-line pl-3">
            <p>{reason.sentence}</p>
            {reason.formula !== '' && <p className="text-sm text-faint">{reason.formula}</p>}
          </li>
        ))}
      </ol>
    </section>
  );
});
