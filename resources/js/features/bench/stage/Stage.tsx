import { Suspense, useState, type ReactNode } from 'react';
import { Switcher } from '@/ui/Switcher';

/** What the stage can show. */
const VIEWS = [
  { value: 'room', label: 'Room' },
  { value: 'picture', label: 'Picture to expect' },
] as const;

export type StageView = (typeof VIEWS)[number]['value'];

/** Under which the device keeps what was shown last. */
const KEPT = 'kaddle-stage';

interface Props {
  readonly views: Readonly<Record<StageView, ReactNode>>;
  /** Beside the choice of view. */
  readonly beside: ReactNode;
}

/** One large view in the middle of the bench; the device remembers which. */
export function Stage({ views, beside }: Props) {
  const [view, setView] = useState<StageView>(() => VIEWS.find(({ value }) => value === localStorage.getItem(KEPT))?.value ?? 'room');
  return (
    <section aria-label="Stage" className="grid gap-2 pt-3">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 px-4">
        <Switcher
          label="What the stage shows"
          options={VIEWS}
          value={view}
          onChange={(next) => {
            localStorage.setItem(KEPT, next);
            setView(next);
          }}
        />
        {beside}
      </div>
      <Suspense fallback={<p className="px-4 py-8 text-faint">Getting the view …</p>}>{views[view]}</Suspense>
    </section>
  );
}
