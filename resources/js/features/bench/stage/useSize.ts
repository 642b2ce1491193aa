import { useSyncExternalStore } from 'react';

/** How much the bench has to stand on. */
export type Size = 'phone' | 'tablet' | 'desk';

const FROM = { tablet: matchMedia('(min-width: 48rem)'), desk: matchMedia('(min-width: 64rem)') } as const;

function onSize(changed: () => void): () => void {
  const all = Object.values(FROM);
  for (const query of all) query.addEventListener('change', changed);
  return () => {
    for (const query of all) query.removeEventListener('change', changed);
  };
}

export function useSize(): Size {
  return useSyncExternalStore(onSize, () => (FROM.desk.matches ? 'desk' : FROM.tablet.matches ? 'tablet' : 'phone'));
}
