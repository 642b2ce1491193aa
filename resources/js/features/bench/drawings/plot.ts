import type { PointDocument, SectionDocument } from '@/types/generated';

/** px that the drawing may be high, px to a metre below which a long room is cut. */
const TALLEST = 250;
const SMALLEST = 42;
export const MARGIN = { left: 48, right: 16, top: 16, bottom: 34 };

/** Metres to pixels, for a stretch of the room. */
export interface Plot {
  readonly scale: number;
  readonly from: number;
  readonly to: number;
  readonly x: (metres: number) => number;
  readonly z: (metres: number) => number;
}

/** The whole room, or the stretch about camera and subject where it would get too small. */
export function plotOf(section: SectionDocument, width: number): Plot {
  const room = width - MARGIN.left - MARGIN.right;
  const whole = Math.min(room / section.length, TALLEST / section.highest);
  const scale = Math.min(Math.max(whole, SMALLEST), TALLEST / section.highest);
  const shown = Math.min(section.length, room / scale);
  const middle = (section.camera.x + section.face.x) / 2;
  const from = Math.max(0, Math.min(middle - shown / 2, section.length - shown));
  const inset = MARGIN.left + (room - shown * scale) / 2;
  return {
    scale,
    from,
    to: from + shown,
    x: (m) => inset + (m - from) * scale,
    z: (m) => MARGIN.top + (section.highest - m) * scale,
  };
}

export function polyline(points: readonly PointDocument[], plot: Plot): string {
  return points.map((point) => `${plot.x(point.x)},${plot.z(point.z)}`).join(' ');
}
