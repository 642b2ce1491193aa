import { numberOf, plain } from './reader';
import { useReader } from './useReader';

interface Measure {
  /** Stands beside the number; '' where the text says its unit. */
  readonly symbol: string;
  readonly shown: (value: number) => string;
  /** NaN for what cannot be understood. */
  readonly valueOf: (text: string) => number;
  /** What a device without keys offers to type it with. */
  readonly keys: 'decimal' | 'text';
}

/** How a number of a form is told and typed: lengths in the units of the account, everything else as it is. */
export function useMeasure({ unit, step }: { readonly unit: string; readonly step: number }): Measure {
  const reader = useReader();
  return unit === 'm'
    ? { symbol: reader.symbol, shown: (value) => reader.entered(value, step), valueOf: reader.metresOf, keys: reader.symbol === '' ? 'text' : 'decimal' }
    : { symbol: unit, shown: plain, valueOf: numberOf, keys: 'decimal' };
}
