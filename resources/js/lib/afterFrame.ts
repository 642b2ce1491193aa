/** What a hand may do before the frame is seen; it has to meet the page as it is by then. */
const HANDS = ['keydown', 'pointerdown', 'pointermove', 'input', 'change'] as const;

/** ms after which it is done in any case: a page that is out of sight has no frames. */
const MOST = 100;

/**
 * Does something once the next frame of the screen is seen, or just before the next thing that a hand does.
 *
 * @returns lets go of it, if it is not done yet
 */
export function afterFrame(work: () => void): () => void {
  const done = new AbortController();
  const go = () => {
    if (done.signal.aborted) return;
    done.abort();
    work();
  };
  for (const kind of HANDS) addEventListener(kind, go, { capture: true, signal: done.signal });
  requestAnimationFrame(() => setTimeout(go));
  setTimeout(go, MOST);
  return () => {
    done.abort();
  };
}
