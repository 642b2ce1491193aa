import { balances, fields, type ColourPlanDocument, type MomentDraft } from '@/types/generated';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/NumberField';
import { Button } from '@/ui/Button';
import type { Asking } from '../session/asking';
import type { Editing } from '../session/editing';
import { useSettled } from '../session/useSettled';

interface Props extends Editing {
  readonly asking: Asking;
}

const OWN = '';
const READY = [{ value: OWN, label: 'other' }, ...Object.values(balances).map(({ label, kelvin }) => ({ value: String(kelvin), label: `${label}, ${kelvin} K` }))];

const isReady = (kelvin: number) => READY.some(({ value }) => value === String(kelvin));

/** Colours of face and background, and which gel and white balance make other colours of them. */
export function ColourPart({ asking, draft, faults, onChange }: Props) {
  const colour = useSettled('colour', asking, draft);
  if (colour === null) return null;
  const balance = (kelvin: number | null): MomentDraft => ({ ...draft, look: { ...draft.look, balance: kelvin } });
  const wished = ({ balance: kelvin, tint, gel, keepsGels }: ColourPlanDocument): MomentDraft => ({
    ...draft,
    look: { ...draft.look, balance: kelvin, tint },
    outfit: keepsGels ? draft.outfit : { ...draft.outfit, gelId: gel, gelled: null, otherGelId: null },
  });
  return (
    <section aria-labelledby="colour" className="grid gap-3">
      <h2 id="colour" className="text-lg">
        Colour
      </h2>
      <div className="grid items-start gap-x-6 gap-y-3 sm:grid-cols-2">
        <div className="grid gap-2">
          <NumberField field={fields['look.balance']} travel="factor" value={draft.look.balance ?? colour.balance} error={faults['look.balance']} onChange={(kelvin) => { onChange(balance(kelvin)); }} />
          <Choice label="As bodies have it ready" options={READY} value={isReady(colour.balance) ? String(colour.balance) : OWN} onChange={(kelvin) => { if (kelvin !== OWN) onChange(balance(Number(kelvin))); }} />
          <NumberField field={fields['look.tint']} travel="step" value={draft.look.tint} error={faults['look.tint']} onChange={(tint) => { onChange({ ...draft, look: { ...draft.look, tint } }); }} />
        </div>
        <div className="grid gap-2">
          <NumberField field={fields['roomKelvin']} travel="factor" value={draft.roomKelvin ?? NaN} error={faults['roomKelvin']} onChange={(kelvin) => { onChange({ ...draft, roomKelvin: kelvin }); }} />
          {draft.roomKelvin !== null && (
            <p>
              <Button look="quiet" onClick={() => { onChange({ ...draft, roomKelvin: null }); }}>
                Ask the room’s curve
              </Button>
            </p>
          )}
        </div>
      </div>
      <ul className="flex flex-wrap gap-3" aria-label="Colours as they will look">
        {colour.patches.map((patch) => (
          <li key={patch.name} className="grid w-40 gap-1">
            <span aria-hidden className="h-14 rounded-md border border-edge" style={{ backgroundColor: patch.tint }} />
            <span className="font-medium">{patch.name}</span>
            <span className="text-sm">{patch.light}</span>
            <span className="text-sm text-faint">{patch.looks}</span>
          </li>
        ))}
      </ul>
      {!colour.knowsRoom && <p>Tell the colour of the room’s light, and face and background are shown beside each other.</p>}
      <ul className="grid gap-2">
        {colour.plans.map((plan) => (
          <li key={plan.wish} className="grid items-center gap-x-3 gap-y-1 sm:grid-cols-[13rem_1fr]">
            <Button onClick={() => { onChange(wished(plan)); }}>
              {plan.name}
            </Button>
            <p className="text-sm">{plan.sentence}</p>
          </li>
        ))}
      </ul>
      {colour.plans.length > 0 && <p className="text-sm text-faint">A wish sets the white balance and puts the gel on; undo takes both back.</p>}
    </section>
  );
}
