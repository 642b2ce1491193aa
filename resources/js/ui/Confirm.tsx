import { AlertDialog } from 'radix-ui';
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
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>
        <Button look="quiet" className="text-alarm">
          {trigger}
        </Button>
      </AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/50" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-50 grid w-[min(26rem,92vw)] -translate-x-1/2 -translate-y-1/2 gap-4 rounded-lg border border-edge bg-raised p-5">
          <AlertDialog.Title className="text-xl">{title}</AlertDialog.Title>
          <AlertDialog.Description>{sentence}</AlertDialog.Description>
          <div className="flex justify-end gap-2">
            <AlertDialog.Cancel asChild>
              <Button>Keep it</Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button look="alarm" onClick={onConfirm}>
                {confirm}
              </Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
