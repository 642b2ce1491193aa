import { Suspense, type ReactNode } from 'react';
import type { Faults } from '@/lib/http';
import { Switcher } from '@/ui/Switcher';
import { useKept } from '@/lib/useKept';
import { useKey } from './useKey';

/** What the stage can show, in the order of its keys 1 to 7, and the fields that stand in it alone. */
const VIEWS = [
  { value: 'room', label: 'Room', fields: [] },
  { value: 'picture', label: 'Picture', fields: [] },
  { value: 'drag', label: 'Drag', fields: ['drag'] },
  { value: 'costs', label: 'Costs', fields: [] },
  { value: 'meter', label: 'Meter', fields: ['dialled'] },
  { value: 'colour', label: 'Colour', fields: ['look.balance', 'look.tint', 'roomKelvin'] },
  { value: 'beside', label: 'Side by side', fields: [] },
] as const;

export type StageView = (typeof VIEWS)[number]['value'];

const NAMES = VIEWS.map(({ value }) => value) as [StageView, ...StageView[]];

interface Props {
  readonly views: Readonly<Record<StageView, ReactNode>>;
  readonly faults: Faults;
  /** Beside the choice of view. */
  readonly beside: ReactNode;
}

/** One large view in the middle of the bench; the device remembers which. A view with a fault that is not in sight says so by its name. */
export function Stage({ views, faults, beside }: Props) {
  const [view, show] = useKept<StageView>('kaddle-stage', NAMES);
  useKey((key) => {
    const next = VIEWS[Number(key) - 1];
    if (next !== undefined) show(next.value);
  });
  const options = VIEWS.map(({ value, label, fields }) => ({ value, label: value !== view && hasFault(faults, fields) ? `${label} (a fault)` : label }));
  return (
    <section aria-label="Stage" className="flex min-h-0 grow flex-col gap-2 pt-3">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 px-4">
        <Switcher label="What the stage shows, keys 1 to 7" options={options} value={view} onChange={show} />
        {beside}
      </div>
      <div role="region" aria-label="View on the stage" tabIndex={0} className="min-h-0 grow xl:overflow-y-auto xl:[container-type:size]">
        <Suspense fallback={<p className="px-4 py-8 text-faint">Getting the view …</p>}>{views[view]}</Suspense>
      </div>
    </section>
  );
}

function hasFault(faults: Faults, fields: readonly string[]): boolean {
  return Object.keys(faults).some((field) => fields.some((start) => field === start || field.startsWith(`${start}.`)));
}
