import type { ReactNode } from 'react';
import type { ShapeState } from '@/lib/useShape';
import { Button } from './Button';

/** The button that stores a form, and what it says while there is nothing to store. */
export function SaveButton({ state, label = 'Save' }: { readonly state: ShapeState; readonly label?: string }) {
  return (
    <Button look="main" disabled={!state.unsaved || state.saving} onClick={state.save}>
      {state.saving ? 'Saving …' : label}
    </Button>
  );
}

/** What stands above a form when the server refused something in it. */
export function Refused({ state }: { readonly state: ShapeState }) {
  const count = Object.keys(state.faults).filter((field) => field !== 'page').length;
  if (count === 0) return null;
  return (
    <p role="alert" className="border-l-4 border-alarm bg-alarm-wash px-4 py-3 font-medium">
      {count === 1 ? 'One field is' : `${count} fields are`} not right; nothing was stored. Each says below what is wrong.
    </p>
  );
}

/** A card with a heading. */
export function Panel({ title, id, children }: { readonly title: string; readonly id: string; readonly children: ReactNode }) {
  return (
    <section aria-labelledby={id} className="grid content-start gap-4 rounded-lg border border-line bg-raised p-5">
      <h2 id={id} className="text-xl">
        {title}
      </h2>
      {children}
    </section>
  );
}
