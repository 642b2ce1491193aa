import { useEffect } from 'react';

/** Hears the keys that are meant for the page: not what somebody writes or chooses, and no command of the browser. Alt, and Ctrl with it, is how some keyboards write brackets. */
export function useKey(onKey: (key: string) => void): void {
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      const { target } = event;
      const isTyping = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement;
      if (!isTyping && !event.metaKey && (!event.ctrlKey || event.altKey)) onKey(event.key);
    };
    addEventListener('keydown', hear);
    return () => {
      removeEventListener('keydown', hear);
    };
  }, [onKey]);
}
