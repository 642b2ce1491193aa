import { NightFrame } from '@/features/nights/NightFrame';
import { Pending } from '@/features/nights/Pending';
import { usePending } from '@/features/nights/usePending';
import { signed } from '@/lib/format';
import { useReader } from '@/lib/useReader';
import type { KitCellData, KitData, KitStanding, PurchaseData } from '@/types/generated';
import { FileLink } from '@/ui/FileLink';
import { TextLink } from '@/ui/TextLink';

interface Props {
  readonly kit: KitData;
  /** Come after the page. */
  readonly standings?: readonly KitStanding[];
}

export default function Kit({ kit, standings }: Props) {
  usePending(kit.pending, 'kit');
  return (
    <NightFrame night={kit.night}>
      <Pending pending={kit.pending} all={kit.rows.length} />
      <section aria-labelledby="verdict" className="grid gap-2">
        <h2 id="verdict" className="text-2xl">
          {kit.pending > 0 ? 'The bag is being checked' : kit.short === 0 ? 'The bag reaches' : kit.short === 1 ? 'One moment falls short' : `${kit.short} moments fall short`}
        </h2>
        {kit.pending === 0 && <Purchases purchases={kit.purchases} short={kit.short} />}
      </section>
      <Verdicts kit={kit} standings={standings} />
      <Matrix kit={kit} />
      <p className="flex flex-wrap items-center gap-x-6">
        <FileLink href={`/nights/${kit.night.id}/kit.csv`}>The whole check (CSV)</FileLink>
      </p>
    </NightFrame>
  );
}

function Purchases({ purchases, short }: { readonly purchases: readonly PurchaseData[]; readonly short: number }) {
  if (purchases.length === 0) return <p>{short === 0 ? 'Every moment can be had with what is in it.' : 'Nothing that can be bought or moved would help: wish for a brighter or darker room instead.'}</p>;
  return (
    <>
      <p>{short === 0 ? 'Every moment can be had with what is in it. What would add to the tightest one:' : 'What would buy most stops, in this order:'}</p>
      <ol className="grid gap-1.5">
        {purchases.map((purchase) => (
          <li key={purchase.label} className="grid grid-cols-[5.5rem_1fr] items-baseline gap-x-4 rounded-md border border-line bg-raised px-4 py-2">
            <strong className="font-head text-lg whitespace-nowrap">{signed(purchase.most)} stops</strong>
            <span>
              {purchase.label}
              <span className="text-faint">
                {' '}
                · most at {purchase.moment}
                {purchase.helped > 1 && `, helps ${purchase.helped} moments`}
                {purchase.rescued > 0 && `, makes ${purchase.rescued === 1 ? 'one' : purchase.rescued} possible`}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}

/** One row a moment: whether it can be had, with which lens and which way. */
function Verdicts({ kit, standings }: { readonly kit: KitData; readonly standings: readonly KitStanding[] | undefined }) {
  const { time } = useReader();
  const byMoment = new Map(standings?.map((standing) => [standing.momentId, standing]));
  return (
    <section aria-labelledby="verdicts" className="grid gap-2">
      <h2 id="verdicts" className="text-xl">
        Moment by moment
      </h2>
      <p>
        The best of what is in the bag, and what the night as a whole leaves of it. Up to six lenses of <TextLink href="/bag">your bag</TextLink> are tried: see that its figures are yours.
      </p>
      <div className="overflow-x-auto rounded-lg border border-line bg-raised" role="region" aria-label="Verdicts" tabIndex={0}>
        <table className="w-full text-left">
          <thead className="text-sm text-faint">
            <tr>
              {['Moment', 'Verdict', 'Lens', 'Way', 'Gives out first', 'In the score'].map((head) => (
                <th key={head} scope="col" className="px-4 py-2 font-medium">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {kit.rows.map((row) => (
              <tr key={row.momentId} className="*:border-t *:border-line *:px-4 *:py-2">
                <th scope="row" className="min-w-40 font-semibold">
                  <span className="block text-sm font-normal text-faint">{time(row.startsAt)}</span>
                  <TextLink href={`/moments/${row.momentId}`}>{row.name}</TextLink>
                </th>
                <Best cell={row.cells[row.best]} />
                <Standing of={byMoment.get(row.momentId)} isKnown={standings !== undefined} />
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function Best({ cell }: { readonly cell: KitCellData | undefined }) {
  if (cell === undefined) {
    return (
      <td colSpan={4} className="text-faint">
        is being reckoned …
      </td>
    );
  }
  return (
    <>
      <td className={`whitespace-nowrap ${cell.short ? 'font-semibold text-alarm' : ''}`}>{verdict(cell)}</td>
      <td>{cell.lens}</td>
      <td>{cell.head === 'Off' ? 'without flash' : cell.head}</td>
      <td className="text-faint">{cell.bound}</td>
    </>
  );
}

/** With what the score has it, and what is left. */
function Standing({ of, isKnown }: { readonly of: KitStanding | undefined; readonly isKnown: boolean }) {
  return (
    <td className="min-w-56">
      {of === undefined ? (
        <span className="text-faint">{isKnown ? 'left out' : 'is being solved …'}</span>
      ) : (
        <>
          {of.with}
          <span className={`block text-sm ${of.short ? 'font-semibold text-alarm' : 'text-faint'}`}>{of.short ? 'cannot be had as wished' : of.left}</span>
        </>
      )}
    </td>
  );
}

function verdict(cell: KitCellData): string {
  if (cell.stops === null) return 'no light arrives';
  return cell.short ? `${Math.abs(cell.stops).toFixed(1)} stops short` : `${cell.stops.toFixed(1)} stops to spare`;
}

/** Every way that was tried, for whoever wants to see it. */
function Matrix({ kit }: { readonly kit: KitData }) {
  const { time } = useReader();
  return (
    <details className="grid gap-2">
      <summary className="cursor-pointer text-xl font-semibold">Stops to spare, moment by way of lighting</summary>
      <p className="py-2">Below 0 it cannot be had. Under each number: what gives out first. The way with most to spare is framed; a dash is no way for that moment.</p>
      <div className="overflow-x-auto rounded-lg border border-line bg-raised" role="region" aria-label="Kit check" tabIndex={0}>
        <table className="w-full text-left">
          <thead className="text-sm">
            <tr>
              <th scope="col" className="sticky left-0 bg-raised px-4 py-2">
                Moment
              </th>
              {kit.ways.map((way) => (
                <th key={way} scope="col" className="min-w-30 px-2 py-2 align-bottom font-medium">
                  {way}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {kit.rows.map((row) => (
              <tr key={row.momentId} className="*:border-t *:border-line">
                <th scope="row" className="sticky left-0 min-w-40 bg-raised px-4 py-2 font-semibold">
                  <span className="block text-sm font-normal text-faint">{time(row.startsAt)}</span>
                  {row.name}
                </th>
                {kit.ways.map((way) => (
                  <Cell key={way} cell={row.cells.find((cell) => cell.way === way)} best={row.cells[row.best]?.way === way} />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}

function Cell({ cell, best }: { readonly cell: KitCellData | undefined; readonly best: boolean }) {
  if (cell === undefined) return <td className="px-3 text-faint">–</td>;
  return (
    <td className="p-1 align-top">
      <div className={`grid rounded px-2 py-1 ${cell.short ? 'bg-alarm-wash' : ''} ${best ? 'outline-2 outline-ink' : ''}`}>
        <strong className={`font-head text-lg ${cell.short ? 'text-alarm' : ''}`}>{cell.stops === null ? 'none' : signed(cell.stops)}</strong>
        <span className="text-sm text-faint">{cell.bound}</span>
      </div>
    </td>
  );
}
