import { useRef } from 'react';
import { Button } from '@/ui/Button';
import { useKey } from './useKey';

const KEYS = [
  ['1 to 7', 'the view that the stage shows'],
  ['[ and ]', 'the moment before and after'],
  ['← → on a ruler', 'a step; with Page up and Page down several'],
  ['← → ↑ ↓ on a ring of a drawing', 'moves what it stands for'],
  ['Ctrl+Z, Ctrl+Shift+Z', 'takes the last change back, and makes it again'],
  ['?', 'these keys'],
] as const;

/** What can be done by keys, over the page. */
export function Keys() {
  const dialog = useRef<HTMLDialogElement>(null);
  useKey((key) => {
    if (key === '?' && dialog.current?.open === true) dialog.current.close();
    else if (key === '?') dialog.current?.showModal();
  });
  return (
    <>
      <Button look="quiet" className="max-lg:hidden" title="Keys (key ?)" onClick={() => dialog.current?.showModal()}>
        Keys
      </Button>
      <dialog ref={dialog} aria-labelledby="keys" className="m-auto max-w-lg rounded-md border border-edge bg-raised p-6 text-ink backdrop:bg-ink/40">
        <h2 id="keys" className="text-lg">
          Keys
        </h2>
        <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
          {KEYS.map(([keys, what]) => (
            <div key={keys} className="contents">
              <dt className="font-semibold">{keys}</dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
        <form method="dialog" className="mt-5">
          <Button type="submit">Close</Button>
        </form>
      </dialog>
    </>
  );
}
