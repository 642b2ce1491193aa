/** How far the reckoning of a long night has come. */
export function Pending({ pending, all }: { readonly pending: number; readonly all: number }) {
  if (pending === 0) return null;
  return (
    <div role="status" className="grid gap-1">
      <span>
        {all - pending} of {all} moments reckoned …
      </span>
      <progress className="h-2 w-full max-w-md accent-ink" aria-label="Moments reckoned" value={all - pending} max={all} />
    </div>
  );
}
