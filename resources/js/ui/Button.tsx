import type { ComponentProps } from 'react';

const LOOKS = {
  main: 'bg-ink text-ground border-ink hover:opacity-85',
  plain: 'bg-raised text-ink border-edge hover:bg-sunk',
  quiet: 'bg-transparent text-ink border-transparent hover:bg-sunk',
  alarm: 'bg-raised text-alarm border-alarm hover:bg-alarm-wash',
} as const;

interface Props extends ComponentProps<'button'> {
  readonly look?: keyof typeof LOOKS;
}

export function Button({ look = 'plain', className = '', type = 'button', ...rest }: Props) {
  return (
    <button
      type={type}
      className={`inline-flex min-h-10 items-center justify-center gap-2 rounded-md border px-2 font-medium sm:px-3.5 whitespace-nowrap disabled:opacity-50 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}
