import { Collapsible } from 'radix-ui';
import { memo } from 'react';
import type { SolutionDocument } from '@/types/generated';

/** The limits of each setting, in sentences. */
export const LimitList = memo(function LimitList({ solution }: { readonly solution: SolutionDocument }) {
  const controls = [
    { name: 'Shutter', marks: solution.shutter.marks },
    { name: 'Aperture', marks: solution.aperture.marks },
    { name: 'ISO', marks: solution.iso.marks },
    { name: 'Flash output', marks: solution.output.marks },
  ];
  return (
    <Collapsible.Root>
      <Collapsible.Trigger className="group min-h-10 font-medium underline underline-offset-4">
        The limits of each setting <span aria-hidden className="group-data-[state=open]:hidden">▾</span>
      </Collapsible.Trigger>
      <Collapsible.Content>
        <dl className="grid gap-x-4 gap-y-1 text-sm @lg:grid-cols-[7rem_1fr]">
          {controls.map(({ name, marks }) => (
            <div key={name} className="contents">
              <dt className="font-medium">{name}</dt>
              <dd>{marks.map((mark) => mark.sentence).join(' ')}</dd>
            </div>
          ))}
        </dl>
      </Collapsible.Content>
    </Collapsible.Root>
  );
});
