import { Link } from '@inertiajs/react';
import type { ReactNode } from 'react';

export function TextLink({ href, children }: { readonly href: string; readonly children: ReactNode }) {
  return (
    <Link href={href} className="font-medium underline underline-offset-4">
      {children}
    </Link>
  );
}
