import { Link } from '@inertiajs/react';
import { StartNight } from '@/features/nights/StartNight';
import type { NightData } from '@/types/generated';
import { Frame } from '@/ui/Frame';
import { Panel } from '@/ui/Panel';
import { TextLink } from '@/ui/TextLink';

interface Props {
  readonly nights: readonly NightData[];
  readonly earlier: string | null;
  readonly later: string | null;
  /** Names of known venues. */
  readonly places: readonly string[];
}

export default function Index({ nights, earlier, later, places }: Props) {
  return (
    <Frame title="Your nights">
      <div className="mx-auto grid w-full max-w-5xl gap-8 px-4 py-8 md:grid-cols-[1fr_20rem]">
        <section aria-label="Nights" className="grid content-start gap-3">
          {nights.length === 0 && <Empty />}
          {nights.map((night) => (
            <Link key={night.id} href={`/nights/${night.id}`} className="grid gap-1 rounded-lg border border-line bg-raised p-4 hover:border-ink">
              <span className="font-head text-xl font-semibold">{night.name}</span>
              <span className="text-faint">
                {night.place} · <time dateTime={night.heldOn}>{night.heldOnInWords}</time>
              </span>
            </Link>
          ))}
          <p className="flex gap-6">
            {later !== null && <TextLink href={later}>Later nights</TextLink>}
            {earlier !== null && <TextLink href={earlier}>Earlier nights</TextLink>}
          </p>
        </section>
        <Panel title="Start a night" id="start">
          <StartNight places={places} />
        </Panel>
      </div>
    </Frame>
  );
}

function Empty() {
  return (
    <div className="grid gap-2 rounded-lg border border-dashed border-edge p-6">
      <h2 className="text-xl">No night yet</h2>
      <p>
        Start one with its name, venue and date. Begin with the usual moments of an evening, and Kaddle checks at once whether your bag reaches; or with a single
        moment on the bench.
      </p>
    </div>
  );
}
