import { router } from '@inertiajs/react';

/** Quick answers should not flicker. */
const PATIENCE = 250;

/** Shows that a page is on its way, once it takes long enough to notice. */
export function showProgress(): void {
  let timer = 0;
  router.on('start', () => {
    timer = window.setTimeout(() => {
      document.documentElement.dataset['busy'] = 'yes';
    }, PATIENCE);
  });
  router.on('finish', () => {
    window.clearTimeout(timer);
    delete document.documentElement.dataset['busy'];
  });
}
