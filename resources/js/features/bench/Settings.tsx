import { memo } from 'react';
import { ClickRule } from '@/charts/ClickRule';
import type { AimDocument, ControlDocument, SolutionDocument } from '@/types/generated';

interface Props {
  readonly solution: SolutionDocument;
  /** Whether these are from before a change that could not be answered. */
  readonly stale: boolean;
  readonly busy: boolean;
}

/** What to set, in the order in which the hands do it: camera, head, output. */
export const Settings = memo(function Settings({ solution, stale, busy }: Props) {
  return (
    <section aria-labelledby="settings" aria-live="polite" aria-busy={busy} className={`grid grid-cols-2 gap-px border-y border-line bg-line sm:grid-cols-3 xl:grid-cols-5 ${stale ? 'outline-2 -outline-offset-2 outline-alarm outline-dashed' : ''}`}>
      <h2 id="settings" className="sr-only">
        Settings
      </h2>
      <Control name="Shutter" control={solution.shutter} unit={solution.shutter.label.startsWith('1/') ? 's' : ''} />
      <Control name="Aperture" control={solution.aperture} unit="" />
      <Control name="ISO" control={solution.iso} unit="" />
      <Head head={solution.head} />
      <Control name="Flash output" control={solution.output} unit="" className="col-span-2 sm:col-span-1" />
    </section>
  );
});

interface ControlProps {
  readonly name: string;
  readonly control: ControlDocument;
  readonly unit: string;
  readonly className?: string;
}

function Control({ name, control, unit, className = '' }: ControlProps) {
  return (
    <div className={`grid content-start gap-1 bg-raised px-3 py-2.5 ${className}`}>
      <h3 className="text-sm font-medium text-faint">{name}</h3>
      <p className="font-head text-2xl font-bold" data-testid={name}>
        {control.label} {unit !== '' && <span className="text-base font-medium">{unit}</span>}
      </p>
      <p className="text-sm text-faint">{control.boundInWords}</p>
      <ClickRule control={control} />
    </div>
  );
}

function Head({ head }: { readonly head: AimDocument }) {
  return (
    <div className="grid content-start gap-1 bg-raised px-3 py-2.5 sm:col-span-2 xl:col-span-1">
      <h3 className="text-sm font-medium text-faint">Head</h3>
      <p className="font-head text-2xl leading-tight font-bold" data-testid="Head">
        {head.label}
      </p>
      <p className="text-sm text-faint">{head.instruction}</p>
    </div>
  );
}
