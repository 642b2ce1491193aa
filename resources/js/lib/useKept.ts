import { useState } from 'react';

/** A choice that the device remembers; what it remembers and nobody knows any more is the first. */
export function useKept<T extends string>(name: string, choices: readonly [T, ...T[]]): readonly [T, (next: T) => void] {
  const [value, setValue] = useState<T>(() => choices.find((choice) => choice === localStorage.getItem(name)) ?? choices[0]);
  return [
    value,
    (next) => {
      localStorage.setItem(name, next);
      setValue(next);
    },
  ];
}
