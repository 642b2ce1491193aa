import type { OfferDocument } from '@/types/generated';
import { Button } from '@/ui/Button';
import type { Editing } from '../session/editing';

interface Props extends Editing {
  readonly offers: readonly OfferDocument[];
}

/** Where the room is brighter than sync speed allows: a filter, high-speed sync, and what each costs. */
export function Offers({ offers, draft, faults, onChange }: Props) {
  const { look } = draft;
  const fault = faults['look.nd'] ?? faults['look.highSpeed'];
  if (offers.length === 0 && look.nd === 0 && !look.highSpeed) return null;
  const set = (nd: number, highSpeed: boolean) => {
    onChange({ ...draft, look: { ...look, nd, highSpeed } });
  };
  return (
    <section aria-labelledby="offers" className="grid gap-2 border-l-4 border-glow bg-raised px-4 py-3">
      <h2 id="offers" className="text-lg">
        {offers.length === 0 ? 'Sync speed is fast enough here' : 'Brighter than sync speed allows at the aperture you like'}
      </h2>
      {fault !== undefined && <p className="font-medium text-alarm">{fault}</p>}
      <ul className="grid gap-2">
        {offers.map((offer) => {
          const on = offer.kind === 'density' ? look.nd > 0 : look.highSpeed;
          const name = offer.kind === 'density' ? `ND ${offer.density} stops` : 'High-speed sync';
          return (
            <li key={offer.kind} className="grid items-center gap-x-3 gap-y-1 @lg:grid-cols-[11rem_1fr]">
              <Button aria-pressed={on} className="aria-pressed:bg-ink aria-pressed:text-ground" onClick={() => { set(on || offer.kind !== 'density' ? 0 : offer.density, !on && offer.kind === 'high-speed'); }}>
                {on && offer.kind === 'density' ? `ND ${look.nd} stops` : name}
              </Button>
              <p className="text-sm">{offer.sentence}</p>
            </li>
          );
        })}
      </ul>
      {(look.nd > 0 || look.highSpeed) && (
        <p>
          <Button onClick={() => { set(0, false); }}>{look.nd > 0 ? `Take off the ${look.nd}-stop ND filter` : 'Switch high-speed sync off'}</Button>
        </p>
      )}
    </section>
  );
}
