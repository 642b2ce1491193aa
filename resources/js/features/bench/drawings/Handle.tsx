import { useRef, type KeyboardEvent, type PointerEvent } from 'react';

/** How far something is moved in a drawing, m: along the drawing and up it. */
export interface Move {
  readonly along: number;
  readonly up: number;
}

interface Props {
  readonly name: string;
  /** Where the thing is now, in words. */
  readonly text: string;
  /** Where it is on its main way, m or degrees, and how far that goes. */
  readonly value: number;
  readonly range: { readonly min: number; readonly max: number };
  /** px within the drawing. */
  readonly x: number;
  readonly y: number;
  /** px to a metre. */
  readonly scale: number;
  /** m that an arrow key moves. */
  readonly step: number;
  /** Called when it is taken; what it returns is called with every move since. */
  readonly onTake: () => (move: Move) => void;
}

const KEYS: Readonly<Record<string, Move>> = {
  ArrowLeft: { along: -1, up: 0 },
  ArrowRight: { along: 1, up: 0 },
  ArrowUp: { along: 0, up: 1 },
  ArrowDown: { along: 0, up: -1 },
};

/** Something in a drawing that mouse, finger and arrow keys move. */
export function Handle({ name, text, value, range, x, y, scale, step, onTake }: Props) {
  const grip = useRef<{ readonly x: number; readonly y: number; readonly scale: number; readonly move: (move: Move) => void } | null>(null);
  const frame = useRef(0);
  const take = (event: PointerEvent) => {
    grip.current = { x: event.clientX, y: event.clientY, scale, move: onTake() };
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const drag = (event: PointerEvent) => {
    const from = grip.current;
    if (event.buttons === 0 || from === null) return;
    // The drawing may change its scale under the hand; the hand keeps that with which it began.
    const move = { along: (event.clientX - from.x) / from.scale, up: (from.y - event.clientY) / from.scale };
    // A mouse tells of more places than frames are drawn.
    cancelAnimationFrame(frame.current);
    frame.current = requestAnimationFrame(() => {
      from.move(move);
    });
  };
  const nudge = (event: KeyboardEvent) => {
    const key = KEYS[event.key];
    if (key === undefined) return;
    event.preventDefault();
    onTake()({ along: key.along * step, up: key.up * step });
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={`Move ${name}`}
      aria-valuemin={range.min}
      aria-valuemax={range.max}
      aria-valuenow={Math.round(value * 100) / 100}
      aria-valuetext={text}
      onPointerDown={take}
      onPointerMove={drag}
      onPointerUp={() => {
        grip.current = null;
      }}
      onKeyDown={nudge}
      className="group absolute grid size-9 -translate-1/2 cursor-grab touch-none place-items-center rounded-full active:cursor-grabbing"
      style={{ left: x, top: y }}
    >
      <span aria-hidden className="size-3.5 rounded-full border-2 border-ink bg-raised group-hover:bg-ink group-active:bg-ink" />
    </div>
  );
}
