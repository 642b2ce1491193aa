import type { ReactNode } from 'react';

/** A link to a file that leaves Kaddle. */
export function FileLink({ href, children }: { readonly href: string; readonly children: ReactNode }) {
  return (
    <a href={href} download className="flex min-h-10 items-center font-medium underline underline-offset-4">
      {children}
    </a>
  );
}
