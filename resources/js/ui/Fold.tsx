import { Collapsible } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  readonly title: string;
  /** Whether something inside must be seen: it cannot be folded away then. */
  readonly forced: boolean;
  readonly starts?: 'open' | 'folded';
  readonly onOpen?: (open: boolean) => void;
  /** A part of a page, or of a part. */
  readonly level?: 'h2' | 'h3';
  readonly children: ReactNode;
}

/** What changes seldom is folded away, but never with a fault inside. */
export function Fold({ title, forced, starts = 'folded', onOpen, level: Heading = 'h2', children }: Props) {
  return (
    <Collapsible.Root defaultOpen={starts === 'open'} {...(forced ? { open: true } : {})} {...(onOpen === undefined ? {} : { onOpenChange: onOpen })} className="border-t border-line pt-2">
      <Heading>
        <Collapsible.Trigger className={`group flex min-h-10 w-full items-center justify-between gap-3 text-left font-head ${Heading === 'h2' ? 'text-lg' : ''}`}>
          {title}
          <span aria-hidden className="text-faint group-data-[state=open]:rotate-180">
            ▾
          </span>
        </Collapsible.Trigger>
      </Heading>
      <Collapsible.Content className="grid gap-3.5 pt-2">{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
