/** Twelve stations to a doubling: on such a ruler equal travel is equal stops. */
const PER_DOUBLING = 12;

/** A ruler on which every station is the same factor apart, for lengths that light falls off over. */
export function stations(min: number, max: number): number {
  return Math.ceil(Math.log2(max / min) * PER_DOUBLING);
}

export function valueAt(station: number, min: number, max: number): number {
  const exact = Math.min(max, min * 2 ** (station / PER_DOUBLING));
  const grain = exact < 2 ? 0.01 : exact < 10 ? 0.05 : 0.1;
  return Number((Math.round(exact / grain) * grain).toFixed(2));
}

export function stationOf(value: number, min: number): number {
  return Math.round(Math.log2(Math.max(value, min) / min) * PER_DOUBLING);
}
