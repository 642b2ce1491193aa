import { NightFrame } from '@/features/nights/NightFrame';
import { Pending } from '@/features/nights/Pending';
import { usePending } from '@/features/nights/usePending';
import { signed } from '@/lib/format';
import { useReader } from '@/lib/useReader';
import type { KitCellData, KitData, PurchaseData } from '@/types/generated';
import { FileLink } from '@/ui/FileLink';
import { TextLink } from '@/ui/TextLink';

export default function Kit({ kit }: { readonly kit: KitData }) {
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

function Matrix({ kit }: { readonly kit: KitData }) {
  const { time } = useReader();
  return (
    <section aria-labelledby="matrix" className="grid gap-2">
      <h2 id="matrix" className="text-xl">
        Stops to spare, moment by way of lighting
      </h2>
      <p>Below 0 it cannot be had, but for a sixth of a stop that rounding may cost. Under each number: what gives out first. The way with most to spare is framed. Up to six lenses of{' '}
        <TextLink href="/bag">your bag</TextLink> are tried: see that its figures are yours.</p>
      <div className="overflow-x-auto rounded-lg border border-line bg-raised" role="region" aria-label="Kit check" tabIndex={0}>
        <table className="w-full text-left">
          <thead className="text-sm">
            <tr>
              <th scope="col" className="sticky left-0 bg-raised px-4 py-2">
                Moment
              </th>
              {kit.ways.map((way, i) => (
                <th key={i} scope="col" className="min-w-30 px-2 py-2 align-bottom font-medium">
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
                  <TextLink href={`/moments/${row.momentId}`}>{row.name}</TextLink>
                </th>
                {row.cells.length === 0 && (
                  <td colSpan={kit.ways.length} className="px-3 text-faint">
                    is being reckoned …
                  </td>
                )}
                {row.cells.map((cell, i) => (
                  <Cell key={i} cell={cell} best={i === row.best} />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function Cell({ cell, best }: { readonly cell: KitCellData; readonly best: boolean }) {
  return (
    <td className="p-1 align-top">
      <div className={`grid rounded px-2 py-1 ${cell.short ? 'bg-alarm-wash' : ''} ${best ? 'outline-2 outline-ink' : ''}`}>
        <strong className={`font-head text-lg ${cell.short ? 'text-alarm' : ''}`}>{signed(cell.stops)}</strong>
        <span className="text-sm text-faint">{cell.bound}</span>
      </div>
    </td>
  );
}
