import { router } from '@inertiajs/react';
import { useState } from 'react';
import { TimeScale } from '@/charts/TimeBar';
import { NightForms } from '@/features/nights/NightForms';
import { NightFrame } from '@/features/nights/NightFrame';
import { Row } from '@/features/nights/Row';
import { useReader } from '@/lib/useReader';
import type { TimetableData } from '@/types/generated';
import { Button } from '@/ui/Button';
import { FileLink } from '@/ui/FileLink';

/** Minutes shown before the first moment and after the last. */
const ROOM = 45;

interface Props {
  readonly timetable: TimetableData;
  /** The same with the settings of the score; comes after the page. */
  readonly solved?: TimetableData;
}

export default function Timetable({ timetable, solved }: Props) {
  const { night } = timetable;
  const [last, setLast] = useState(solved);
  if (solved !== undefined && solved !== last) setLast(solved);
  // While the night is solved anew the settings of before stay where they are, so that no bar moves from under a hand.
  const before = new Map(last?.rows.map((row) => [row.id, row.bars]));
  const rows = solved?.rows ?? timetable.rows.map((row) => ({ ...row, bars: before.get(row.id) ?? null }));
  const { time } = useReader();
  const span = [Math.min(...rows.map((row) => row.from)) - ROOM, Math.max(...rows.map((row) => row.from + row.minutes)) + ROOM] as const;
  return (
    <NightFrame
      night={night}
      actions={
        <Button
          look="main"
          onClick={() => {
            router.post(`/nights/${night.id}/moments`);
          }}
        >
          Add a moment
        </Button>
      }
    >
      <div className="flex flex-wrap items-center justify-between gap-x-6">
        <p>
          {timetable.sunset === null ? 'No sunset this evening' : `Sunset at ${time(timetable.sunset)}`}, by the clocks of {timetable.zone}. Drag a bar to move a moment, or use the
          arrow keys on it. {solved === undefined ? 'The night is being solved …' : 'Settings are those of the night’s score.'}
        </p>
        <p className="flex flex-wrap gap-x-6">
          <FileLink href={`/nights/${night.id}/calendar`}>Calendar (ICS)</FileLink>
          <FileLink href={`/nights/${night.id}/calendar?reminders=1`}>Calendar with reminders (ICS)</FileLink>
          <FileLink href={`/nights/${night.id}/timetable.csv`}>Table (CSV)</FileLink>
          <FileLink href={`/nights/${night.id}/document`}>The night as JSON</FileLink>
        </p>
      </div>
      <div className="sticky top-0 z-10 -mb-3 hidden bg-ground px-4 py-1 md:grid md:grid-cols-[1fr_minmax(14rem,38%)] md:gap-x-5">
        <span />
        <TimeScale span={span} />
      </div>
      <ol className="grid gap-2" aria-label="Moments">
        {rows.map((row) => (
          <Row key={row.id} row={row} span={span} isSolved={solved !== undefined} />
        ))}
      </ol>
      <NightForms night={night} moments={rows.length} />
    </NightFrame>
  );
}
