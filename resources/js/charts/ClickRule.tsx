import type { ControlDocument } from '@/types/generated';

/** The clicks of one control around the recommended one; hatched where something goes wrong. */
export function ClickRule({ control }: { readonly control: ControlDocument }) {
  const at = control.ticks.findIndex((tick) => tick.thirtieths === control.thirtieths);
  return (
    <ol aria-hidden className="flex h-9 items-end">
      {control.ticks.map((tick, i) => (
        <li key={tick.thirtieths} className={`relative h-full grow basis-0 ${tick.trouble === null ? '' : 'bg-[repeating-linear-gradient(135deg,transparent_0_3px,var(--line)_3px_5px)]'}`}>
          <span className={`absolute bottom-0 left-1/2 -translate-x-1/2 bg-ink ${i === at ? 'h-5 w-1.5' : 'h-2.5 w-px'}`} />
          {Math.abs(i - at) === 3 && <span className="absolute top-0 left-1/2 z-10 -translate-x-1/2 bg-raised px-0.5 text-xs whitespace-nowrap text-faint">{tick.label.replace('f/', '')}</span>}
        </li>
      ))}
    </ol>
  );
}
