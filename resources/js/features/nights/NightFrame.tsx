import { Link, usePage } from '@inertiajs/react';
import type { ReactNode } from 'react';
import type { NightData } from '@/types/generated';
import { Frame } from '@/ui/Frame';

interface Props {
  readonly night: NightData;
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}

/** A night on paper: its name and date above, its sheets side by side. */
export function NightFrame({ night, actions, children }: Props) {
  const path = usePage().url.split('?')[0];
  const sheets = [
    { href: `/nights/${night.id}`, label: 'Score' },
    { href: `/nights/${night.id}/cards`, label: 'Cards' },
    { href: `/nights/${night.id}/timetable`, label: 'Timetable' },
    { href: `/nights/${night.id}/kit`, label: 'Kit check' },
    { href: `/nights/${night.id}/energy`, label: 'Energy' },
  ];
  return (
    <Frame title={night.name} path={[{ label: 'Nights', href: '/nights' }]} actions={actions}>
      <div className="mx-auto grid w-full max-w-6xl gap-5 px-4 py-6">
        <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
          <p className="text-lg text-faint">
            <Link href={`/places/${night.venueId}`} className="underline decoration-line underline-offset-4 hover:decoration-ink">
              {night.place}
            </Link>
            , <time dateTime={night.heldOn}>{night.heldOnInWords}</time>
          </p>
          <nav aria-label="Sheets of the night" className="flex max-w-full gap-1 overflow-x-auto rounded-md border border-edge bg-raised p-0.5">
            {sheets.map(({ href, label }) => (
              <Link
                key={href}
                href={href}
                aria-current={path === href ? 'page' : undefined}
                className="flex min-h-9 items-center rounded px-3 text-sm font-medium whitespace-nowrap focus-visible:outline-offset-[-3px] aria-[current]:bg-ink aria-[current]:text-ground"
              >
                {label}
              </Link>
            ))}
          </nav>
        </div>
        {children}
      </div>
    </Frame>
  );
}
