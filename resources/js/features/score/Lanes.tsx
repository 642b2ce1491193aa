import { Link } from '@inertiajs/react';
import { memo } from 'react';
import { clockOf, ticks } from '@/charts/axis';
import { useReader } from '@/lib/useReader';
import type { ScoreBarDocument, ScoreData, ScoreMoment } from '@/types/generated';
import { Label } from './Label';
import { Heat } from './Heat';
import { Glow, Space } from './Light';
import { HEAD, heights, LANE, STAFF, STAFFS, type Along } from './measures';
import { alongOf, rowsOf, spanOf } from './scales';
import { Staff, Texts } from './Staff';

interface Props {
  readonly score: ScoreData;
}

/** Everything that runs with time. */
export const Lanes = memo(function Lanes({ score, perMinute, now }: Props & { readonly perMinute: number; readonly now: number | null }) {
  const { time } = useReader();
  const span = spanOf(score.moments);
  const x = alongOf(span, perMinute);
  const width = x(span[1]);
  const at = heights(score);
  const { bars } = score.score;
  const hours = ticks(...span, perMinute < 1 ? 120 : 60);
  return (
    <svg width={width} height={at.all} className="block">
      <defs>
        <pattern id="score-glow" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill="var(--glow-wash)" />
          <line y2="6" stroke="var(--glow)" strokeWidth="1" opacity="0.35" />
        </pattern>
      </defs>
      {hours.map((hour) => (
        <g key={hour}>
          <line x1={x(hour)} x2={x(hour)} y1={18} y2={at.all} stroke="var(--line)" />
          <text x={x(hour) + 3} y={13} fontSize="12" fill="var(--faint)">
            {time(clockOf(hour))}
          </text>
        </g>
      ))}
      <Rules score={score} x={x} until={width} />
      <Heads moments={score.moments} bars={bars} top={at.top} x={x} />
      <Glow moments={score.moments} sunset={score.sunset} top={at.curve} x={x} until={width} />
      <Space moments={score.moments} top={at.ceiling} x={x} />
      {STAFFS.map(([control], i) => (
        <line key={control} x1={0} x2={width} y1={at.staffs + i * STAFF} y2={at.staffs + i * STAFF} stroke="var(--line)" />
      ))}
      {STAFFS.map(([control], i) => (
        <Staff key={control} score={score} control={control} top={at.staffs + i * STAFF} x={x} />
      ))}
      <Texts y={at.head} x={x} score={score} of={(bar) => (bar.output === 'off' ? 'off' : bar.head)} />
      <Texts y={at.curtain} x={x} score={score} of={(bar) => bar.curtain} />
      <Texts y={at.lens} x={x} score={score} of={lensOf} />
      <Heat heat={score.heat} top={at.heat} x={x} until={width} />
      {now !== null && now >= span[0] && now <= span[1] && (
        <g>
          <line x1={x(now)} x2={x(now)} y1={18} y2={at.all} stroke="var(--alarm)" strokeWidth="2" />
          <text x={x(now) + 4} y={at.top - 4} fontSize="12" fontWeight="600" fill="var(--alarm)">
            now
          </text>
        </g>
      )}
    </svg>
  );
});

function lensOf(bar: ScoreBarDocument): string {
  return [`${bar.lens}, ${bar.focalLength} mm`, bar.modifier, bar.gel].filter((part) => part !== null).join(' + ');
}

/** What the house forbids; what begins before the night does is written where it comes into sight. */
function Rules({ score, x, until }: Props & { readonly x: Along; readonly until: number }) {
  const rows = rowsOf(score.rules);
  return score.rules.map((rule, i) => {
    const [start, end] = [Math.max(1, x(rule.from)), Math.min(until - 1, x(rule.until))];
    const y = 22 + (rows[i] ?? 0) * LANE;
    return end <= start ? null : (
      <g key={`${rule.from} ${rule.name}`}>
        <title>{rule.sentence}</title>
        <rect x={start} y={y} width={Math.max(2, end - start)} height={LANE - 6} rx="3" fill="var(--alarm-wash)" stroke="var(--alarm)" />
        <Label x={start + 5} y={y + 15} width={end - start - 6} colour="var(--alarm)" texts={[rule.name]} />
      </g>
    );
  });
}

/** Names of the moments; each opens its bench. */
function Heads({ moments, bars, top, x }: { readonly moments: readonly ScoreMoment[]; readonly bars: readonly ScoreBarDocument[]; readonly top: number; readonly x: Along }) {
  const rows = rowsOf(moments);
  return moments.map((moment, i) => {
    const width = Math.max(10, x(moment.until) - x(moment.from) - 2);
    const short = bars.some((bar) => bar.moment === moment.uid && !bar.feasible);
    const look = moment.skipped ? 'border border-edge text-ink' : short ? 'bg-alarm text-ground' : 'bg-ink text-ground';
    return (
      <foreignObject key={moment.id} x={x(moment.from)} y={top + (rows[i] ?? 0) * HEAD} width={width} height={HEAD - 3}>
        <Link
          href={`/moments/${moment.id}`}
          aria-label={`${moment.name}${moment.skipped ? ', left out' : short ? ', cannot be had as wished' : ''}`}
          className={`block h-full truncate rounded-sm px-1.5 text-sm/6 font-semibold focus-visible:outline-offset-[-3px] ${look}`}
        >
          {moment.name}
        </Link>
      </foreignObject>
    );
  });
}
