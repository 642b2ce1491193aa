import { memo, useEffect, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { useNear } from '@/lib/useNear';
import type { ControlDocument, MarkDocument, MarkKind, TickDocument } from '@/types/generated';

/** What a mark's lane is called, in the breadth there is. */
const LANES: Readonly<Record<MarkKind, string>> = {
  sync: 'whole frame',
  hold: 'hands',
  blur: 'movers',
  even: 'lamps',
  depth: 'group',
  best: 'lens',
  usable: 'clean',
  easy: 'quick',
};

/** Clicks from an end of a rule at which a label that stood over its click would leave the rule. */
const NEAR_END = 2;

interface Props {
  readonly name: string;
  readonly control: ControlDocument;
  /** Turns the control to a click; missing where it cannot be turned by hand. */
  readonly onTurn?: ((label: string) => void) | undefined;
  /** Told the clicks to which it may be turned next, its own first. */
  readonly onNear?: ((labels: readonly string[]) => void) | undefined;
}

/** The clicks of one control around the recommended one; hatched where something goes wrong. Turned by drag, wheel and arrow keys. */
export function ClickRule({ name, control, onTurn, onNear }: Props) {
  const rule = useRef<HTMLDivElement>(null);
  const grip = useRef<{ readonly x: number; readonly click: number; readonly ticks: readonly TickDocument[]; readonly at: number } | null>(null);
  const { ticks } = control;
  const at = ticks.findIndex((tick) => tick.thirtieths === control.thirtieths);
  const { taken, moved } = useNear((near) => {
    onNear?.([at, ...near].flatMap((place) => ticks[place]?.label ?? []));
  });
  const turnTo = (tick: TickDocument | undefined) => {
    if (tick === undefined || tick.thirtieths === control.thirtieths) return;
    onTurn?.(tick.label);
    moved(ticks.indexOf(tick));
  };
  const near = () => {
    taken(at);
  };
  useWheel(rule, (clicks) => {
    turnTo(ticks[at + clicks]);
  });
  const step = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageDown: -3, PageUp: 3 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    turnTo(ticks[Math.max(0, Math.min(ticks.length - 1, at + by))]);
  };
  const take = (event: PointerEvent) => {
    const box = event.currentTarget.getBoundingClientRect();
    const under = Math.max(0, Math.min(ticks.length - 1, Math.floor(((event.clientX - box.left) / box.width) * ticks.length)));
    // The clicks move under the hand as they are turned, so a drag counts from where it began.
    grip.current = { x: event.clientX, click: box.width / ticks.length, ticks, at: under };
    event.currentTarget.setPointerCapture(event.pointerId);
    turnTo(ticks[under]);
  };
  const drag = (event: PointerEvent) => {
    if (event.buttons === 0 || grip.current === null) return;
    const by = Math.round((event.clientX - grip.current.x) / grip.current.click);
    turnTo(grip.current.ticks[Math.max(0, Math.min(grip.current.ticks.length - 1, grip.current.at + by))]);
  };
  const turned = onTurn === undefined ? { 'aria-hidden': true } : {
    role: 'slider',
    tabIndex: 0,
    'aria-label': `Turn ${name}`,
    'aria-valuemin': 0,
    'aria-valuemax': ticks.length - 1,
    'aria-valuenow': at,
    'aria-valuetext': control.label,
    onFocus: near,
    onPointerEnter: near,
    onKeyDown: step,
    onPointerDown: take,
    onPointerMove: drag,
  };
  return (
    <div ref={rule} {...turned} className={`flex h-9 items-end ${onTurn === undefined ? '' : 'cursor-ew-resize touch-none'}`}>
      {ticks.map((tick, i) => (
        <span key={tick.thirtieths} className={`relative h-full grow basis-0 ${tick.trouble === null ? '' : 'bg-[repeating-linear-gradient(135deg,transparent_0_3px,var(--line)_3px_5px)]'}`}>
          <span className={`absolute bottom-0 left-1/2 -translate-x-1/2 bg-ink ${i === at ? 'h-5 w-1.5' : 'h-2.5 w-px'}`} />
          {Math.abs(i - at) === 4 && <span className={`absolute top-0 z-10 bg-raised px-0.5 text-xs whitespace-nowrap text-faint ${i < NEAR_END ? 'left-0' : i >= ticks.length - NEAR_END ? 'right-0' : 'left-1/2 -translate-x-1/2'}`}>{tick.label.replace('f/', '')}</span>}
        </span>
      ))}
    </div>
  );
}

/** Where each limit is kept, a lane for each under the clicks of the rule. */
export const Marks = memo(function Marks({ control }: { readonly control: ControlDocument }) {
  return (
    <ul aria-label="Limits" className="grid gap-0.5 text-xs leading-tight text-faint">
      {control.marks.map((mark) => (
        <li key={mark.kind} title={mark.sentence} className="grid">
          <span aria-hidden className="flex h-2">
            {control.ticks.map((tick) => (
              <span key={tick.thirtieths} className="flex grow basis-0 items-center">
                <span className={isFine(mark, tick) ? 'h-1.5 w-full bg-edge' : 'h-px w-full bg-line'} />
              </span>
            ))}
          </span>
          <span aria-hidden>{LANES[mark.kind]}</span>
          <span className="sr-only">{mark.sentence}</span>
        </li>
      ))}
    </ul>
  );
});

function isFine(mark: MarkDocument, { thirtieths }: TickDocument): boolean {
  return mark.at.length > 0 ? mark.at.includes(thirtieths) : thirtieths >= (mark.from ?? -Infinity) && thirtieths <= (mark.to ?? Infinity);
}

/** Turns of the wheel while the element has the focus, so that a page that scrolls past turns nothing. */
function useWheel(ref: React.RefObject<HTMLElement | null>, onTurn: (clicks: number) => void): void {
  useEffect(() => {
    const element = ref.current;
    if (element === null) return;
    const turn = (event: WheelEvent) => {
      if (document.activeElement !== element) return;
      event.preventDefault();
      onTurn(event.deltaY > 0 ? -1 : 1);
    };
    element.addEventListener('wheel', turn, { passive: false });
    return () => {
      element.removeEventListener('wheel', turn);
    };
  });
}
