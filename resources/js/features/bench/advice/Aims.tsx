import { memo } from 'react';
import type { AimDocument, HeadAim } from '@/types/generated';
import { Button } from '@/ui/Button';

interface Props {
  readonly aims: readonly AimDocument[];
  readonly inUse: HeadAim;
  readonly onChoose: (aim: HeadAim) => void;
}

/** Every way to point the head side by side, least trouble first, with what speaks for and against it; those that are none last, with the reason. */
export const Aims = memo(function Aims({ aims, inUse, onChoose }: Props) {
  return (
    <section aria-labelledby="aims" className="grid gap-2">
      <h2 id="aims" className="text-lg">
        Ways to point the head
      </h2>
      <ol className="grid">
        {aims.map((aim) => (
          <Aim key={aim.aim} aim={aim} inUse={aim.aim === inUse} onChoose={onChoose} />
        ))}
      </ol>
    </section>
  );
});

interface AimProps extends Pick<Props, 'onChoose'> {
  readonly aim: AimDocument;
  readonly inUse: boolean;
}

const Aim = memo(function Aim({ aim, inUse, onChoose }: AimProps) {
  return (
    <li className={`grid grid-cols-[1fr_auto] items-center gap-x-4 border-t border-line py-2 @lg:grid-cols-[11rem_1fr_7.5rem] ${inUse ? 'relative before:absolute before:inset-y-0 before:-left-4 before:w-1 before:bg-ink' : ''}`}>
      <Button
        look="quiet"
        className="-ml-2 justify-start px-2"
        aria-pressed={inUse}
        onClick={() => {
          onChoose(aim.aim);
        }}
      >
        {aim.label}
      </Button>
      <p className="order-last col-span-2 text-sm @lg:order-none @lg:col-span-1">
        {aim.leftOut && <strong>No way. </strong>}
        {aim.verdict}
        {aim.apparentSize > 0 && <span className="text-faint"> Light {Math.round(aim.apparentSize)}° wide.</span>}
      </p>
      <p className="text-right">
        <span className="font-semibold whitespace-nowrap">{reach(aim)}</span>
        {!inUse && aim.clicks !== null && <span className="block text-sm text-faint">{turn(aim.clicks)}</span>}
      </p>
    </li>
  );
});

function reach(aim: AimDocument): string {
  if (aim.lacking === null) return 'no light';
  return aim.lacking > 0 ? `${aim.lacking.toFixed(1)} short` : aim.output;
}

function turn(clicks: number): string {
  if (clicks === 0) return 'same output';
  const count = Math.abs(clicks);
  return `${count} ${count === 1 ? 'click' : 'clicks'} ${clicks > 0 ? 'up' : 'down'}`;
}
