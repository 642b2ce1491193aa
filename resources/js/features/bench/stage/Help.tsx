import { useRef } from 'react';
import { Button } from '@/ui/Button';
import { useKey } from './useKey';

type Pairs = readonly (readonly [term: string, said: string])[];

const KEYS: Pairs = [
  ['1 to 7', 'the view that the stage shows'],
  ['[ and ]', 'the moment before and after'],
  ['← → on a ruler', 'a step; with Page up and Page down several'],
  ['← → ↑ ↓ on a ring of a drawing', 'moves what it stands for'],
  ['Ctrl+Z, Ctrl+Shift+Z', 'takes the last change back, and makes it again'],
  ['?', 'words and keys'],
];

const WORDS: Pairs = [
  ['stop', 'twice the light, or half of it'],
  ['click', 'one step of a wheel, mostly a third of a stop'],
  ['glow', 'the room’s own light, without the flash; EV at ISO 100'],
  ['backdrop', 'what is behind the people'],
  ['room and face, under a ruler', 'by how many stops each of them moves when this is turned by one'],
  ['hatched', 'there something goes wrong'],
  ['bars under a ruler', 'how far one may turn before a limit breaks; each has its name below it'],
  ['whole frame', 'the shutter leaves no dark bar over the flash'],
  ['hands', 'no shake with this lens in the hands'],
  ['movers', 'people who move stay sharp'],
  ['lamps', 'no bands from lamps that flicker with the mains'],
  ['group', 'first row and last are sharp'],
  ['lens', 'where this lens is at its sharpest'],
  ['clean', 'noise as far as you said it may go'],
  ['quick', 'the flash is ready again in time'],
];

/** What the words of the page mean, and what can be done by keys, over the page. */
export function Help() {
  const dialog = useRef<HTMLDialogElement>(null);
  useKey((key) => {
    if (key === '?' && dialog.current?.open === true) dialog.current.close();
    else if (key === '?') dialog.current?.showModal();
  });
  return (
    <>
      <Button look="quiet" className="w-10" aria-label="Words and keys" title="Words and keys (key ?)" onClick={() => dialog.current?.showModal()}>
        ?
      </Button>
      <dialog ref={dialog} aria-label="Words and keys" className="m-auto max-w-xl rounded-md border border-edge bg-raised p-6 text-ink backdrop:bg-ink/40">
        <Listed title="Words" pairs={WORDS} />
        <div className="max-lg:hidden">
          <Listed title="Keys" pairs={KEYS} />
        </div>
        <form method="dialog" className="mt-5">
          <Button type="submit">Close</Button>
        </form>
      </dialog>
    </>
  );
}

function Listed({ title, pairs }: { readonly title: string; readonly pairs: Pairs }) {
  return (
    <>
      <h2 className="mt-4 text-lg first:mt-0">{title}</h2>
      <dl className="mt-2 grid gap-x-6 gap-y-1.5 sm:grid-cols-[12rem_1fr]">
        {pairs.map(([term, said]) => (
          <div key={term} className="contents">
            <dt className="font-semibold">{term}</dt>
            <dd className="max-sm:mb-1">{said}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
