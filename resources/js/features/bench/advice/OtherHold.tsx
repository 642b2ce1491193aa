import type { OtherHoldDocument } from '@/types/generated';
import { Button } from '@/ui/Button';
import type { Editing } from '../session/editing';

interface Props extends Pick<Editing, 'draft' | 'onChange'> {
  /** Null where the same light falls on face and background. */
  readonly other: OtherHoldDocument | null;
}

/** What the other wish would give, where face and background are lit differently. */
export function OtherHold({ other, draft, onChange }: Props) {
  if (other === null) return null;
  return (
    <section aria-label="Face or background" className="grid items-center gap-x-3 gap-y-1 border-l-4 border-glow bg-raised px-4 py-3 @lg:grid-cols-[11rem_1fr]">
      <Button onClick={() => { onChange({ ...draft, look: { ...draft.look, hold: other.hold } }); }}>{other.hold === 'face' ? 'Hold the face' : 'Hold the background'}</Button>
      <p className="text-sm">{other.sentence}</p>
    </section>
  );
}
