import { useId, useRef } from 'react';
import { Button } from './Button';

interface Props {
  readonly trigger: string;
  readonly title: string;
  readonly sentence: string;
  readonly confirm: string;
  readonly onConfirm: () => void;
}

/** Asks before something is lost. */
export function Confirm({ trigger, title, sentence, confirm, onConfirm }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  const id = useId();
  return (
    <>
      <Button look="quiet" className="text-alarm" aria-haspopup="dialog" onClick={() => dialog.current?.showModal()}>
        {trigger}
      </Button>
      <dialog ref={dialog} role="alertdialog" aria-labelledby={`${id}title`} aria-describedby={`${id}sentence`} className="m-auto w-[min(26rem,92vw)] gap-4 rounded-lg border border-edge bg-raised p-5 text-ink backdrop:bg-black/50 open:grid">
        <h2 id={`${id}title`} className="text-xl">
          {title}
        </h2>
        <p id={`${id}sentence`}>{sentence}</p>
        <div className="flex justify-end gap-2">
          <Button onClick={() => dialog.current?.close()}>Keep it</Button>
          <Button
            look="alarm"
            onClick={() => {
              dialog.current?.close();
              onConfirm();
            }}
          >
            {confirm}
          </Button>
        </div>
      </dialog>
    </>
  );
}
