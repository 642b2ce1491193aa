import { percent } from '@/lib/format';
import type { SplitDocument } from '@/types/generated';

/** How the flash reaches the face: direct, by one reflection, by more. */
export function Split({ split }: { readonly split: SplitDocument }) {
  const parts = [
    { name: 'straight', share: split.direct, shade: 'bg-pop' },
    { name: 'one reflection', share: split.first, shade: 'bg-pop opacity-60' },
    { name: 'more reflections', share: split.later, shade: 'bg-pop opacity-30' },
  ].filter((part) => part.share > 0.005);
  if (parts.length === 0) return null;
  return (
    <div className="grid gap-1">
      <div aria-hidden className="flex h-2.5 gap-px">
        {parts.map((part) => (
          <span key={part.name} className={part.shade} style={{ width: percent(part.share).replace(' ', '') }} />
        ))}
      </div>
      <p className="text-sm text-faint">Flash on the face: {parts.map((part) => `${percent(part.share)} ${part.name}`).join(', ')}</p>
    </div>
  );
}
