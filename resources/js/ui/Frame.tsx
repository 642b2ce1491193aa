import { Head, Link, router, usePage } from '@inertiajs/react';
import { type ReactNode } from 'react';
import { chooseTheme, useTheme } from '@/lib/theme';
import type { AccountData } from '@/types/generated';
import { Button } from './Button';

interface Props {
  readonly title: string;
  /** Where this page hangs: links from the outside in. */
  readonly path?: readonly { readonly label: string; readonly href: string }[];
  readonly actions?: ReactNode;
  /** Whether the page fills a large screen, its parts scrolling alone. */
  readonly fills?: boolean;
  readonly children: ReactNode;
}

interface Shared {
  readonly account: AccountData | null;
  readonly notice: string | null;
  readonly errors: Readonly<Partial<Record<string, string>>>;
  readonly [key: string]: unknown;
}

/** What surrounds every page. */
export function Frame({ title, path = [], actions, fills = false, children }: Props) {
  const { account, notice, errors } = usePage<Shared>().props;
  return (
    <div className={`flex min-h-screen flex-col ${fills ? 'xl:h-dvh' : ''}`}>
      <Head title={title} />
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-raised focus:p-3">
        Skip to the page
      </a>
      <header className="flex flex-wrap items-center gap-x-1 gap-y-1 border-b border-line sm:gap-x-4 lg:gap-x-2 2xl:gap-x-4 bg-raised px-4 py-2">
        <Link href="/nights" className="mr-auto font-head text-xl font-bold lg:mr-2">
          Kaddle
        </Link>
        <nav aria-label="Where you are" className="order-last flex w-full min-w-0 grow flex-wrap items-baseline gap-x-2 text-faint lg:order-none lg:w-auto xl:w-0 xl:flex-nowrap">
          {path.map((step) => (
            <span key={step.href} className="flex min-w-0 gap-x-2 xl:shrink-[999] xl:first:shrink-0">
              <Link href={step.href} className="truncate underline decoration-line underline-offset-4 hover:decoration-ink">
                {step.label}
              </Link>
              <span aria-hidden>/</span>
            </span>
          ))}
          <h1 className="truncate text-lg text-ink">{title}</h1>
        </nav>
        {actions}
        <div className="order-last flex w-full flex-wrap items-center sm:gap-1 lg:order-none lg:contents">
          {account !== null && <Sections />}
          <ThemeButton />
          {account !== null && (
            <Link href="/account" aria-label="Account" title={account.email} className="flex size-10 shrink-0 items-center justify-center rounded-md hover:bg-sunk">
              <svg viewBox="0 0 20 20" className="size-5 fill-none stroke-current stroke-2" aria-hidden>
                <circle cx="10" cy="6.5" r="3.5" />
                <path d="M3 18c0-4 3-6.5 7-6.5s7 2.5 7 6.5" />
              </svg>
            </Link>
          )}
          {account !== null && (
            <SignOut className="max-sm:hidden" />
          )}
        </div>
      </header>
      <Notice key={notice} sentence={notice} look="notice" />
      <Notice sentence={errors['page'] ?? null} look="alarm" />
      <main id="main" className="flex min-h-0 grow flex-col">
        {children}
      </main>
    </div>
  );
}

const SECTIONS = [
  { href: '/nights', label: 'Nights' },
  { href: '/bag', label: 'Bag' },
  { href: '/places', label: 'Places' },
  { href: '/import', label: 'Import' },
];

/** Where one can go from everywhere. */
function Sections() {
  const { url } = usePage();
  return (
    <nav aria-label="Kaddle" className="mr-auto -ml-2 flex sm:gap-1 lg:mr-0 lg:ml-0">
      {SECTIONS.map(({ href, label }) => (
        <Link
          key={href}
          href={href}
          aria-current={url.startsWith(href) ? 'page' : undefined}
          className="flex min-h-10 items-center rounded-md px-2 font-medium hover:bg-sunk sm:px-2.5 aria-[current]:underline aria-[current]:decoration-2 aria-[current]:underline-offset-8"
        >
          {label}
        </Link>
      ))}
    </nav>
  );
}

/** On a phone it stands on the account's page, where there is room for it. */
export function SignOut({ className }: { readonly className: string }) {
  return (
    <Button
      look="quiet"
      className={className}
      onClick={() => {
        router.post('/sign-out');
      }}
    >
      Sign out
    </Button>
  );
}

function ThemeButton() {
  const other = useTheme() === 'dark' ? 'light' : 'dark';
  return (
    <Button
      look="quiet"
      onClick={() => {
        chooseTheme(other);
      }}
    >
      <span>
        {other === 'dark' ? 'Dark' : 'Light'}
        <span className="max-2xl:sr-only">{other === 'dark' ? ' for the venue' : ' for the desk'}</span>
      </span>
    </Button>
  );
}

function Notice({ sentence, look }: { readonly sentence: string | null; readonly look: 'notice' | 'alarm' }) {
  return (
    <div role="status" aria-live="polite">
      {sentence !== null && (
        <p className={`px-4 py-2 font-medium ${look === 'alarm' ? 'bg-alarm-wash text-alarm' : 'bg-sunk'}`}>{sentence}</p>
      )}
    </div>
  );
}
