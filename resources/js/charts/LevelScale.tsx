import { memo, useId } from 'react';
import { signed } from '@/lib/format';
import type { LevelsDocument } from '@/types/generated';
import { scaleOf, stopMark, ticks } from './axis';
import { useWidth } from './useWidth';

const LOWEST = -6;
const HIGHEST = 3;
const ROW = 26;
const LABELS = 158;

interface Row {
  readonly name: string;
  readonly light: 'glow' | 'pop' | 'both';
  readonly level: number | null;
  readonly doubt: number;
}

interface Props {
  readonly levels: LevelsDocument;
  /** A light that is kept, with the stops at which it reads. */
  readonly kept: { readonly name: string; readonly level: number } | null;
}

/** Where room, flash, face and backdrop will lie, in stops against correct. */
export const LevelScale = memo(function LevelScale({ levels, kept }: Props) {
  const [box, width] = useWidth();
  const hatch = useId();
  const isEven = levels.room === levels.faceRoom;
  const rows: readonly Row[] = [
    ...(kept === null ? [] : [{ name: kept.name, light: 'glow' as const, level: kept.level, doubt: levels.roomDoubt }]),
    { name: isEven ? 'Room’s glow' : 'Room, behind', light: 'glow', level: levels.room, doubt: levels.roomDoubt },
    ...(isEven ? [] : [{ name: 'Room, on the face', light: 'glow' as const, level: levels.faceRoom, doubt: levels.roomDoubt }]),
    { name: 'Flash on the face', light: 'pop', level: levels.faceFlash, doubt: levels.faceDoubt },
    { name: 'Face, both', light: 'both', level: levels.face, doubt: levels.faceDoubt },
    { name: 'Backdrop, both', light: 'both', level: levels.backdrop, doubt: levels.roomDoubt },
  ];
  const scale = scaleOf([LOWEST, HIGHEST], [LABELS + 18, width - 18]);
  const x = (stops: number) => scale(Math.max(LOWEST, Math.min(HIGHEST, stops)));
  const height = rows.length * ROW + 20;
  return (
    <div ref={box}>
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={rows.map((row) => `${row.name} ${signed(row.level)} stops`).join(', ')} className="block text-ink">
          <defs>
            <pattern id={hatch} width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <rect width="4" height="4" fill="var(--glow-wash)" />
              <line x1="0" y1="0" x2="0" y2="4" stroke="var(--glow)" strokeWidth="2.4" />
            </pattern>
          </defs>
          {ticks(LOWEST, HIGHEST).map((stop) => (
            <g key={stop}>
              <line x1={x(stop)} x2={x(stop)} y1="0" y2={rows.length * ROW} stroke={stop === 0 ? 'currentColor' : 'var(--line)'} strokeWidth={stop === 0 ? 1.5 : 1} />
              <text x={x(stop)} y={height - 6} textAnchor="middle" fontSize="11.5" fill="var(--faint)">
                {mark(stop, width)}
              </text>
            </g>
          ))}
          {rows.map((row, i) => (
            <g key={row.name} transform={`translate(0 ${i * ROW + ROW / 2})`}>
              <text x="0" y="4" fontSize="13" fill="currentColor">
                {row.name}
              </text>
              <text x={LABELS} y="4" fontSize="13" fontWeight="650" textAnchor="end" fill="currentColor">
                {signed(row.level)}
              </text>
              {row.level !== null && <Mark row={row} x={x} hatch={hatch} />}
            </g>
          ))}
        </svg>
      )}
    </div>
  );
});

/** The words below the scale, fewer of them where it is narrow. */
function mark(stop: number, width: number): string {
  const narrow = width < 560;
  if (stop === 0) return narrow ? '0' : 'correct';
  return narrow && stop % 2 !== 0 ? '' : stopMark(stop);
}

function Mark({ row, x, hatch }: { readonly row: Row; readonly x: (stops: number) => number; readonly hatch: string }) {
  const level = row.level ?? 0;
  const at = x(level);
  const colour = row.light === 'glow' ? 'var(--glow)' : row.light === 'pop' ? 'var(--pop)' : 'currentColor';
  return (
    <g>
      <line x1={x(level - row.doubt)} x2={x(level + row.doubt)} y1="0" y2="0" stroke={colour} strokeWidth="2" opacity="0.6" />
      {row.light === 'glow' && <circle cx={at} cy="0" r="7" fill={`url(#${hatch})`} stroke={colour} strokeWidth="1.5" />}
      {row.light === 'pop' && <path d={`M${at} -8L${at + 7} 0L${at} 8L${at - 7} 0Z`} fill={colour} />}
      {row.light === 'both' && <rect x={at - 3} y="-9" width="6" height="18" fill={colour} />}
    </g>
  );
}
