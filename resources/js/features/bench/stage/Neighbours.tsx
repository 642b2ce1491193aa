import { Link, router } from '@inertiajs/react';
import type { MomentLink, NeighboursData } from '@/types/generated';
import { useKey } from './useKey';

/** To the moment before and after, by hand or by the keys that look their way. */
export function Neighbours({ neighbours: { place, all, before, after } }: { readonly neighbours: NeighboursData }) {
  useKey((key) => {
    const next = key === '[' ? before : key === ']' ? after : null;
    if (next !== null) router.visit(addressOf(next));
  });
  return (
    <nav aria-label="Moments of the night" className="flex items-center gap-1 text-sm">
      <Step to={before} sign="←" said="Moment before" shortcut="[" />
      <span className="whitespace-nowrap text-faint">
        {place} of {all}
      </span>
      <Step to={after} sign="→" said="Moment after" shortcut="]" />
    </nav>
  );
}

interface StepProps {
  readonly to: MomentLink | null;
  readonly sign: string;
  readonly said: string;
  readonly shortcut: string;
}

function Step({ to, sign, said, shortcut }: StepProps) {
  const look = 'flex size-10 items-center justify-center rounded-md';
  return to === null ? (
    <span aria-hidden className={`${look} text-line`}>
      {sign}
    </span>
  ) : (
    <Link href={addressOf(to)} aria-label={`${said}: ${to.name}`} title={`${to.name} (key ${shortcut})`} className={`${look} hover:bg-sunk`}>
      {sign}
    </Link>
  );
}

function addressOf({ id }: MomentLink): string {
  return `/moments/${id}`;
}
