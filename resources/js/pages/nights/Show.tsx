import { Link, router } from '@inertiajs/react';
import { metres } from '@/lib/format';
import type { MomentSummary, NightData } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Confirm } from '@/ui/Confirm';
import { Frame } from '@/ui/Frame';

interface Props {
  readonly night: NightData;
  readonly moments: readonly MomentSummary[];
}

export default function Show({ night, moments }: Props) {
  return (
    <Frame title={night.name} path={[{ label: 'Nights', href: '/nights' }]}>
      <div className="mx-auto grid w-full max-w-4xl gap-5 px-4 py-8">
        <p className="text-lg text-faint">
          {night.place}, <time dateTime={night.heldOn}>{night.heldOnInWords}</time>
        </p>
        <ol className="grid gap-2">
          {moments.map((moment) => (
            <li key={moment.id}>
              <Link href={`/moments/${moment.id}`} className="grid grid-cols-[4.5rem_1fr] items-center gap-x-4 gap-y-1 rounded-lg border border-line bg-raised p-4 hover:border-ink">
                <time className="font-head text-xl font-semibold">{moment.startsAt}</time>
                <span className="text-lg font-semibold">{moment.name}</span>
                <span className="col-start-2 flex flex-wrap gap-x-5 text-faint">
                  <span>{moment.room}</span>
                  <span>{moment.openAbove ? 'nothing overhead' : `ceiling ${metres(moment.ceiling)}`}</span>
                  <span>subject at {metres(moment.distance)}</span>
                  <span>glow EV {moment.glow.toFixed(1).replace('-', '−')}</span>
                </span>
              </Link>
            </li>
          ))}
        </ol>
        <div className="flex flex-wrap gap-2">
          <Button
            look="main"
            onClick={() => {
              router.post(`/nights/${night.id}/moments`);
            }}
          >
            Add a moment
          </Button>
          <Confirm
            trigger="Delete the night"
            title={`Delete “${night.name}”?`}
            sentence={`Its ${moments.length === 1 ? 'moment goes' : `${moments.length} moments go`} with it. This cannot be undone.`}
            confirm="Delete it"
            onConfirm={() => {
              router.delete(`/nights/${night.id}`);
            }}
          />
        </div>
      </div>
    </Frame>
  );
}
