export type Theme = 'light' | 'dark';

/** The theme on screen, whether chosen or taken from the system. */
export function currentTheme(): Theme {
  const chosen = document.documentElement.dataset['theme'];
  if (chosen === 'light' || chosen === 'dark') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

/** Shows a theme and remembers it; the server writes it into the page, so that nothing flashes. */
export function chooseTheme(theme: Theme): void {
  document.documentElement.dataset['theme'] = theme;
  document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=lax`;
}
