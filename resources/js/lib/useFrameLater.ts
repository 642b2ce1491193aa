import { useEffect, useState } from 'react';
import { afterFrame } from './afterFrame';

/** A value once all else that changed with it has been seen: for what takes long to draw. */
export function useFrameLater<T>(value: T): T {
  const [seen, setSeen] = useState(value);
  useEffect(
    () =>
      afterFrame(() => {
        setSeen(value);
      }),
    [value],
  );
  return seen;
}
