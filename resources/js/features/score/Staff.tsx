import { scaleOf } from '@/charts/axis';
import type { ScoreBarDocument, ScoreData } from '@/types/generated';
import { Label } from './Label';
import { LANE, STAFF, type Along } from './measures';
import { rangeOf, runsOf, type Stepped } from './scales';

interface Props {
  readonly score: ScoreData;
  readonly x: Along;
}

/** A control through the night: it steps where it is turned, and the turn is written there. */
export function Staff({ score, control, top, x }: Props & { readonly control: Stepped; readonly top: number }) {
  const runs = runsOf(score.places, (i) => score.places[i]?.[control] ?? null);
  const others = runsOf(score.other?.places ?? [], (i) => score.other?.places[i]?.[control] ?? null);
  const [low, high] = rangeOf([...runs, ...others].map((run) => run.at), 2);
  const y = scaleOf([high, low], [top + 18, top + STAFF - 10]);
  const hue = control === 'output' ? 'var(--pop)' : 'var(--ink)';
  return (
    <g>
      {others.map((run) => (
        <line key={run.from} x1={x(run.from)} x2={x(run.until)} y1={y(run.at)} y2={y(run.at)} stroke="var(--glow)" strokeWidth="2" strokeDasharray="7 4" />
      ))}
      {runs.map((run, i) => {
        const bar = score.score.bars[run.bar];
        const before = runs[i - 1];
        const change = bar?.changes.find((c) => c.control === control);
        const next = runs[i + 1];
        // A neighbour that stands elsewhere leaves its room above the line.
        const beside = next === undefined || Math.abs(y(next.at) - y(run.at)) > 14 ? runs[i + 2] : next;
        const width = x(beside?.from ?? run.until + 20) - x(run.from);
        const value = (bar?.[control] ?? '').replace('ISO ', '');
        const short = value.replace(' s', '');
        return (
          <g key={run.from}>
            {change !== undefined && <title>{`${change.label}. ${change.why}`}</title>}
            {before !== undefined && <line x1={x(before.until)} x2={x(run.from)} y1={y(before.at)} y2={y(run.at)} stroke={hue} strokeWidth="1" strokeDasharray="2 3" />}
            <line x1={x(run.from)} x2={x(run.until)} y1={y(run.at)} y2={y(run.at)} stroke={hue} strokeWidth="3" />
            <Label x={x(run.from) + 1} y={y(run.at) - 5} width={width + 4} colour={hue} texts={change === undefined ? [value, short] : [`${value}, ${turned(change.label)}`, value, short]} />
          </g>
        );
      })}
    </g>
  );
}

/** "3 up" of "ISO 3 up": whose it is says the staff. */
function turned(label: string): string {
  return label.replace(/^\S+ /, '');
}

/** A lane of words: what is in use until it changes. */
export function Texts({ score, y, x, of }: Props & { readonly y: number; readonly of: (bar: ScoreBarDocument) => string | null }) {
  return runsOf(score.places, (i) => {
    const bar = score.score.bars[i];
    return bar === undefined ? null : of(bar);
  }).map((run) => {
    const width = x(run.until) - x(run.from) - 2;
    return (
      <g key={run.from}>
        <title>{run.at}</title>
        <rect x={x(run.from)} y={y} width={Math.max(2, width)} height={LANE - 4} rx="2" fill="var(--sunk)" />
        <Label x={x(run.from) + 4} y={y + 15} width={width - 2} texts={[run.at]} />
      </g>
    );
  });
}
