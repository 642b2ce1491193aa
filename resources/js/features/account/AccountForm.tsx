import type { ReactNode } from 'react';
import { Button } from '@/ui/Button';
import { Frame } from '@/ui/Frame';

interface Props {
  readonly title: string;
  readonly intro?: string;
  readonly action: string;
  readonly busy: boolean;
  readonly onSubmit: () => void;
  readonly children: ReactNode;
  readonly below?: ReactNode;
}

/** The narrow form that all account pages share. */
export function AccountForm({ title, intro, action, busy, onSubmit, children, below }: Props) {
  return (
    <Frame title={title}>
      <div className="mx-auto grid w-full max-w-sm gap-5 px-4 py-10">
        {intro !== undefined && <p className="text-faint">{intro}</p>}
        <form
          noValidate
          className="grid gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            onSubmit();
          }}
        >
          {children}
          <Button type="submit" look="main" disabled={busy}>
            {action}
          </Button>
        </form>
        {below !== undefined && <div className="grid gap-2">{below}</div>}
      </div>
    </Frame>
  );
}
