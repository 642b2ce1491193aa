import '../css/app.css';
import { createInertiaApp, type ResolvedComponent } from '@inertiajs/react';
import { createRoot } from 'react-dom/client';
import { showProgress } from '@/lib/progress';

// Styles that a library writes while a dialog is open carry the word that this page's policy asks for.
Object.assign(globalThis, { __webpack_nonce__: document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce });

const pages = import.meta.glob<{ default: ResolvedComponent }>('./pages/**/*.tsx');

void createInertiaApp({
  title: (title) => (title === '' ? 'Kaddle' : `${title} · Kaddle`),
  resolve: async (name) => {
    const load = pages[`./pages/${name}.tsx`];
    if (load === undefined) throw new Error(`There is no page called ${name}.`);
    return (await load()).default;
  },
  setup: ({ el, App, props }) => {
    createRoot(el).render(<App {...props} />);
  },
  progress: false,
});

showProgress();
