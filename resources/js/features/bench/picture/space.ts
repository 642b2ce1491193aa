/** Light of a picture by pixel, linear red, green and blue over mid-grey: of the room where it reads as metered, of the flash where it is correct on the face. */
export interface Layers {
  readonly width: number;
  readonly height: number;
  readonly room: Float32Array;
  readonly flash: Float32Array;
}

/** Along the room, across it and up; of a ray, ahead, to the right and upwards. */
export type Vec = readonly [number, number, number];

export const vec = (values: readonly number[]): Vec => [values[0] ?? 0, values[1] ?? 0, values[2] ?? 0];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const clamp = (share: number): number => (share < 0 ? 0 : share > 1 ? 1 : share);
export const minus = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const cross = (a: Vec, b: Vec): Vec => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
