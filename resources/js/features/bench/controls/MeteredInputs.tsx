import type { Faults } from '@/lib/http';
import type { BodyChoice, MeteredDraft } from '@/types/generated';
import { Choice, type Option } from '@/ui/Choice';

interface Props {
  /** What was metered, for who hears the page. */
  readonly label: string;
  readonly body: BodyChoice;
  readonly metered: MeteredDraft;
  /** Path of the exposure in a draft. */
  readonly at: string;
  readonly faults: Faults;
  readonly onChange: (metered: MeteredDraft) => void;
}

/** The exposure that a meter gave, from the clicks of the body. */
export function MeteredInputs({ label, body, metered, at, faults, onChange }: Props) {
  const fields = [
    ['shutter', 'Shutter', body.shutters],
    ['aperture', 'Aperture', body.apertures],
    ['iso', 'ISO', body.isos],
  ] as const;
  return (
    <div className="grid gap-1">
      <div role="group" aria-label={label} className="grid grid-cols-[6fr_5fr_6fr] gap-1.5 [&_select]:pr-5 [&_select]:pl-2">
        {fields.map(([field, name, options]) => (
          <Choice
            key={field}
            label={name}
            options={labels(options, metered[field])}
            value={metered[field]}
            error={faults[`${at}.${field}`]}
            onChange={(value) => {
              onChange({ ...metered, [field]: value });
            }}
          />
        ))}
      </div>
      {faults[at] !== undefined && (
        <p role="alert" className="text-sm font-medium text-alarm">
          {faults[at]}
        </p>
      )}
    </div>
  );
}

/** The clicks to choose from, with the one in use even where another body's scale lacks it. */
export function labels(options: readonly string[], inUse: string): readonly Option[] {
  const all = options.includes(inUse) ? options : [inUse, ...options];
  return all.map((label) => ({ value: label, label }));
}
