import { signed } from '@/lib/format';
import type { GroupDocument } from '@/types/generated';

/** Whether frame, depth and light serve all of a group. */
export function GroupPart({ group }: { readonly group: GroupDocument | null }) {
  if (group === null) return null;
  return (
    <section aria-labelledby="group" className="grid gap-2">
      <h2 id="group" className="text-lg">
        The group
      </h2>
      {group.places.length > 1 && (
        <table className="w-full max-w-md text-left">
          <caption className="sr-only">Faces of the group, in stops</caption>
          <thead className="text-sm text-faint">
            <tr>
              <th className="font-normal">Stops</th>
              <th className="pl-3 text-right font-normal">Flash against the first</th>
              <th className="pl-3 text-right font-normal">Face reads</th>
            </tr>
          </thead>
          <tbody>
            {group.places.map((place) => (
              <tr key={place.place} className="border-t border-line">
                <th className="py-1 font-medium first-letter:uppercase">{place.name}</th>
                <td className="pl-3 text-right tabular-nums">{signed(place.fall)}</td>
                <td className="pl-3 text-right tabular-nums">{signed(place.face)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <ul className="grid gap-1">
        {group.sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </section>
  );
}
