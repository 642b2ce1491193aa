import { memo } from 'react';
import { signed } from '@/lib/format';
import { fields, usual, type DriftDocument, type TradeDocument, type WaysDocument } from '@/types/generated';
import { NumberField } from '@/ui/NumberField';
import type { Editing } from '../session/editing';
import type { Asking } from '../session/asking';
import { useSettled } from '../session/useSettled';

interface Props extends Editing {
  readonly asking: Asking;
}

const WAYS = [
  { key: 'manual', head: 'By hand' },
  { key: 'metered', head: 'Meter alone' },
  { key: 'compensated', head: 'Meter, compensated' },
  { key: 'locked', head: 'Metered once, kept' },
] as const;

/** Who sets the output: the schools side by side, with what each does to the face when something changes. */
export function WhoSets({ asking, draft, faults, onChange }: Props) {
  const ways = useSettled('ways', asking, draft);
  if (ways === null) return null;
  return (
    <section aria-labelledby="who" className="grid gap-4">
      <h2 id="who" className="text-lg">
        Who sets the output
      </h2>
      <dl className="grid gap-x-6 gap-y-3 md:grid-cols-3">
        <Way name="By hand" answer={ways.manual}>
          The same light in every frame, while distance, ceiling, aperture and ISO stay.
        </Way>
        <Way name="By the meter" answer={`compensation ${ways.compensation}`}>
          {ways.why} Set {ways.onUnit} on the unit: {ways.sum} {!ways.reaches && <strong>No compensation reaches so far: set it by hand.</strong>} {ways.reach}
        </Way>
        <Way name="Metered once, kept" answer="">
          <ol className="grid list-inside list-decimal gap-1">
            {ways.lockSteps.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </Way>
      </dl>
      <Dialled draft={draft} faults={faults} onChange={onChange} />
      <Drift drift={ways.drift} />
      <Frames ways={ways} />
      <Trades trades={ways.trades} onTake={(iso) => { onChange({ ...draft, look: { ...draft.look, locks: { ...draft.look.locks, iso } } }); }} />
    </section>
  );
}

function Way({ name, answer, children }: { readonly name: string; readonly answer: string; readonly children: React.ReactNode }) {
  return (
    <div className="grid content-start gap-1 border-t border-line pt-2">
      <dt className="font-semibold">
        {name}
        {answer !== '' && <span className="font-head text-xl"> {answer}</span>}
      </dt>
      <dd className="text-sm">{children}</dd>
    </div>
  );
}

const Drift = memo(function Drift({ drift }: { readonly drift: readonly DriftDocument[] }) {
  const planned = drift[0]?.manual ?? 0;
  return (
    <div className="overflow-x-auto" role="region" aria-label="The face when something changes" tabIndex={0}>
      <table className="w-full text-left">
        <caption className="pb-1 text-left text-sm text-faint">Level of the face in stops, with everything left alone but what the row says.</caption>
        <thead className="text-sm">
          <tr>
            <th scope="col" className="py-1 pr-3 font-medium">
              Frame
            </th>
            {WAYS.map(({ key, head }) => (
              <th key={key} scope="col" className="py-1 pr-3 font-medium">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {drift.map((row) => (
            <tr key={row.label} className="border-t border-line">
              <th scope="row" className="py-1 pr-3 font-normal">
                {row.label}
              </th>
              {WAYS.map(({ key }) => (
                <td key={key} className={`py-1 pr-3 tabular-nums ${Math.abs(row[key] - planned) >= usual.drift ? 'font-semibold text-alarm' : ''}`}>
                  {signed(row[key])}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
});

function Frames({ ways }: { readonly ways: WaysDocument }) {
  return (
    <p className="text-sm">
      Without computing, from the lowest output up, it takes {ways.frames.length === 1 ? 'one test frame' : `${ways.frames.length} test frames`}:{' '}
      {ways.frames.map((frame) => `${frame.output} (face ${signed(frame.face)})`).join(', ')}. The computed start takes one, or two where the room differs from its box
      {ways.saved > 0 && `: it saves ${ways.saved === 1 ? 'one' : ways.saved}`}.
    </p>
  );
}

/** A stop of ISO is a stop of output: what that does to waiting and to the cells, to be turned by pressing. */
function Trades({ trades, onTake }: { readonly trades: readonly TradeDocument[]; readonly onTake: (iso: string) => void }) {
  return (
    <div className="grid gap-1.5">
      <h3 className="font-semibold">ISO against batteries</h3>
      <div role="group" aria-label="ISO against batteries" className="grid grid-cols-2 gap-2 sm:grid-cols-3 xl:grid-cols-5">
        {trades.map((trade) => (
          <button
            key={trade.iso}
            type="button"
            aria-pressed={trade.now}
            className="grid content-start rounded-md border border-edge px-2.5 py-2 text-left text-sm hover:bg-sunk aria-pressed:border-2 aria-pressed:border-ink"
            onClick={() => {
              onTake(trade.iso);
            }}
          >
            <span className="font-semibold">ISO {trade.iso}</span>
            <span>output {trade.output}</span>
            <span>ready after {trade.recycle} s</span>
            <span>{trade.pops} pops a set</span>
            <span>hot after {trade.hotAfter} pops in 10 min</span>
            <span className="text-faint">{trade.now ? 'as set' : trade.usable ? trade.turn : 'not what you deliver'}</span>
          </button>
        ))}
      </div>
      <p className="text-sm text-faint">A stop of ISO halves the energy of a pop. Pressing one holds that ISO.</p>
    </div>
  );
}

/** What stands on the body already, so that the sum comes out right. */
function Dialled({ draft, faults, onChange }: Editing) {
  const { dialled } = draft;
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <NumberField
        field={fields['dialled.body']}
        value={dialled.body}
        error={faults['dialled.body']}
        onChange={(body) => {
          onChange({ ...draft, dialled: { ...dialled, body } });
        }}
      />
      <NumberField
        field={fields['dialled.exposure']}
        value={dialled.exposure}
        error={faults['dialled.exposure']}
        onChange={(exposure) => {
          onChange({ ...draft, dialled: { ...dialled, exposure } });
        }}
      />
    </div>
  );
}
