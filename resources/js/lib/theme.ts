import { useSyncExternalStore } from 'react';

type Theme = 'light' | 'dark';

/** The theme on screen, whether chosen or taken from the system. */
function currentTheme(): Theme {
  const chosen = document.documentElement.dataset['theme'];
  if (chosen === 'light' || chosen === 'dark') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

/** Shows a theme and remembers it; the server writes it into the page, so that nothing flashes. */
export function chooseTheme(theme: Theme): void {
  document.documentElement.dataset['theme'] = theme;
  document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=lax`;
}

/** Calls when the theme on screen changes, whoever changed it: what is painted and not styled is painted anew. */
function onTheme(changed: () => void): () => void {
  const chosen = new MutationObserver(changed);
  chosen.observe(document.documentElement, { attributeFilter: ['data-theme'] });
  const system = matchMedia('(prefers-color-scheme: dark)');
  system.addEventListener('change', changed);
  return () => {
    chosen.disconnect();
    system.removeEventListener('change', changed);
  };
}

export function useTheme(): Theme {
  return useSyncExternalStore(onTheme, currentTheme);
}
