import { useRef } from 'react';

/** Places to either side that are told of, and after how many they are told of anew. */
const NEAR = 12;
const ANEW = 6;

/** Tells which places a hand may reach next, nearest first: once something is taken, and again as it goes on. */
export function useNear(tell: (places: readonly number[]) => void) {
  const told = useRef<number | null>(null);
  const moved = (at: number) => {
    if (told.current !== null && Math.abs(told.current - at) < ANEW) return;
    told.current = at;
    tell(Array.from({ length: 2 * NEAR }, (_, i) => at + (i % 2 === 0 ? -1 : 1) * (1 + Math.floor(i / 2))));
  };
  const taken = (at: number) => {
    told.current = null;
    moved(at);
  };
  return { taken, moved };
}
