import { percent } from '@/lib/format';
import type { SplitDocument } from '@/types/generated';

/** How the flash reaches the face: straight, by which face of the room, by more than one reflection. */
export function Split({ split }: { readonly split: SplitDocument }) {
  const parts = [
    { name: 'straight', share: split.direct, shade: 'bg-pop' },
    { name: 'by the ceiling', share: split.ceiling, shade: 'bg-pop opacity-80' },
    { name: 'by the walls', share: split.walls, shade: 'bg-pop opacity-60' },
    { name: 'by the floor', share: split.floor, shade: 'bg-pop opacity-45' },
    { name: 'by more than one reflection', share: split.rest, shade: 'bg-pop opacity-30' },
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
