import { fitting } from './scales';

interface LabelProps {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly colour?: string;
  /** From the longest that may be said to the shortest; '' at the end for rather nothing than a part. */
  readonly texts: readonly string[];
}

/** As much of a text as there is room for. */
export function Label({ x, y, width, colour = 'var(--ink)', texts }: LabelProps) {
  return (
    <text x={x} y={y} fontSize="12" fill={colour}>
      {fitting(texts, width - 4)}
    </text>
  );
}
