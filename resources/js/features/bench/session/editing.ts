import type { Dispatch, SetStateAction } from 'react';
import type { Faults } from '@/lib/http';
import type { BenchData, LocksDraft, MomentDraft } from '@/types/generated';

/** A draft that a part of the bench shows and changes. */
export interface Editing {
  readonly draft: MomentDraft;
  readonly faults: Faults;
  readonly onChange: Dispatch<SetStateAction<MomentDraft>>;
}

/** Asks for drafts that may come next. */
type Ahead = (next: readonly ((draft: MomentDraft) => MomentDraft)[]) => void;

export interface InputProps extends Editing {
  readonly bench: BenchData;
  /** What is set now, to be held by somebody who takes over. */
  readonly settings: LocksDraft;
  /** Whether the answer is without flash: wished so, or forbidden. */
  readonly isOff: boolean;
  readonly ahead: Ahead;
}
