import { Deferred } from '@inertiajs/react';
import { EnergyChart } from '@/features/nights/EnergyChart';
import { NightFrame } from '@/features/nights/NightFrame';
import { percent } from '@/lib/format';
import type { EnergyData, EnergyRow, NightData, UnitEnergy } from '@/types/generated';
import { FileLink } from '@/ui/FileLink';

const HEADS = ['Moment', 'Pops', 'Full pops', 'Ready after', 'Planned pause', 'Heat', 'Set to change'];

interface Props {
  readonly night: NightData;
  /** Comes after the page. */
  readonly energy?: EnergyData;
}

export default function Energy({ night, energy }: Props) {
  return (
    <NightFrame night={night}>
      <Deferred data="energy" fallback={<p role="status">The night is being solved …</p>}>
        {energy?.units.map((unit, i) => <Unit key={`${unit.name} ${i}`} unit={unit} />)}
      </Deferred>
      <p className="flex flex-wrap gap-x-6">
        <FileLink href={`/nights/${night.id}/energy.csv`}>Energy plan (CSV)</FileLink>
      </p>
      <p className="max-w-prose">Outputs are those of the night’s score: what is turned there is what drains here.</p>
      <p className="max-w-prose text-faint">
        A pop takes its share of full power out of a set, and waits that share of the full recycle time, up to twice as long as the set drains. Standby, preflashes and cold cells come on top: that is what the fifth to spare is for.
        Heat is counted over ten minutes against thirty full pops, a cautious figure for small units; the maker’s own limit decides.
      </p>
    </NightFrame>
  );
}

function Unit({ unit }: { readonly unit: UnitEnergy }) {
  return (
    <section aria-label={unit.name} className="grid gap-3 rounded-lg border border-line bg-raised p-5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 className="text-xl">{unit.name}</h2>
        <p className="text-faint">
          {unit.battery ?? 'usual cells, since the bag does not say what feeds it'}: {unit.fullPops} full pops a set, {unit.fullSeconds} s after a full pop
        </p>
      </div>
      <p className="text-lg">
        {Math.round(unit.pops)} pops, {unit.energy} full pops in all: {unit.setsUsed.toFixed(1)} sets of {unit.cells}. <strong>Carry {unit.carry} for each unit</strong>
        {unit.has !== null && (unit.isEnough ? `; the bag has ${unit.has}.` : <span className="font-medium text-alarm">; the bag has {unit.has}.</span>)}
      </p>
      <EnergyChart unit={unit} />
      <div className="overflow-x-auto" role="region" aria-label={`Energy of ${unit.name}`} tabIndex={0}>
        <table className="w-full text-left">
          <thead className="text-sm text-faint">
            <tr>
              {HEADS.map((head) => (
                <th key={head} scope="col" className="py-1 pr-4 font-medium">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {unit.rows.map((row, i) => (
              <Row key={`${row.name} ${i}`} row={row} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function Row({ row }: { readonly row: EnergyRow }) {
  return (
    <tr className="border-t border-line align-top">
      <th scope="row" className="py-1.5 pr-4 font-semibold">
        {row.name}
      </th>
      <td className="py-1.5 pr-4">{Math.round(row.pops)}</td>
      <td className="py-1.5 pr-4">{row.energy}</td>
      <td className={`py-1.5 pr-4 whitespace-nowrap ${row.waits ? 'font-semibold text-alarm' : ''}`}>
        {row.pause === null ? '–' : `${row.recycle} s`}{row.pause !== null && row.tiredRecycle > row.recycle && `, ${row.tiredRecycle} s with the set low`}
        {row.waits && ': you will wait'}
      </td>
      <td className="py-1.5 pr-4 whitespace-nowrap">{row.pause === null ? 'no flash' : `${row.pause} s`}</td>
      <td className={`py-1.5 pr-4 whitespace-nowrap ${row.overheats ? 'font-semibold text-alarm' : ''}`}>
        {percent(row.heat)}
        {row.overheats && ': too hot'}
      </td>
      <td className="py-1.5">{row.changes === 0 ? '–' : row.changes === 1 ? 'once' : `${row.changes} times`}</td>
    </tr>
  );
}
