import type { Clock, LengthUnit } from '@/types/generated';
import { hourOf, timeOf } from './when';

const INCH = 0.0254;
const FOOT = 12 * INCH;

/** Tells somebody lengths and times in the units of their account. Inside, lengths are m and times "19:30". */
export interface Reader {
  /** "3.1 m", "10 ft 2 in" */
  readonly length: (metres: number) => string;
  /** What stands in a field for a length: "3.1", "10 ft 2 in"; guide numbers and their like, whose steps are coarse, in feet alone. */
  readonly entered: (metres: number, step: number) => string;
  /** What stands beside such a field; nothing where the text says it. */
  readonly symbol: string;
  /** m of what was typed, in either unit; without one in the reader's own. NaN for what is no length. */
  readonly metresOf: (text: string) => number;
  /** m to which a hand rounds. */
  readonly grid: number;
  /** "19:30", "7:30 pm" */
  readonly time: (clock: string) => string;
  /** A full hour as scales have it: "19:00", "7 pm". */
  readonly hour: (clock: string) => string;
}

const METRES = {
  length: (metres: number) => `${plain(metres)} m`,
  entered: plain,
  symbol: 'm',
  metresOf: (text: string) => metresOf(text, 1),
  grid: 0.1,
};

const FEET = {
  length: feetAndInches,
  entered: (metres: number, step: number) => (step < 0.5 ? feetAndInches(metres) : `${String(Math.round((metres / FOOT) * 10) / 10)} ft`),
  symbol: '',
  metresOf: (text: string) => metresOf(text, FOOT),
  grid: 0.0762, // three inches
};

const HOURS24 = { time: (clock: string) => clock, hour: (clock: string) => clock };
const HOURS12 = { time: timeOf, hour: hourOf };

const READERS: Readonly<Record<LengthUnit, Readonly<Record<Clock, Reader>>>> = {
  metres: { 24: { ...METRES, ...HOURS24 }, 12: { ...METRES, ...HOURS12 } },
  feet: { 24: { ...FEET, ...HOURS24 }, 12: { ...FEET, ...HOURS12 } },
};

/** The same one for the same units, so that nothing is drawn anew for it. */
export function readerOf(unit: LengthUnit, clock: Clock): Reader {
  return READERS[unit][clock];
}

/** A number without zeros at the end. */
export function plain(value: number): string {
  return String(Math.round(value * 100) / 100).replace('-', '−');
}

/** A number as typed, with either comma and either minus; NaN for what is none. */
export function numberOf(text: string): number {
  const typed = text.trim().replace('−', '-').replace(',', '.');
  return typed === '' ? NaN : Number(typed);
}

function feetAndInches(metres: number): string {
  const inches = Math.round(Math.abs(metres) / INCH);
  const [feet, rest] = [Math.floor(inches / 12), inches % 12];
  const sign = metres < 0 && inches > 0 ? '−' : '';
  return sign + (feet === 0 ? `${rest} in` : rest === 0 ? `${feet} ft` : `${feet} ft ${rest} in`);
}

const METRIC = /^(-?[\d.]+) ?(m|cm)$/;
const IMPERIAL = /^(-?)(?:([\d.]+) ?(?:ft|feet|foot|'))?(?: ?([\d.]+) ?(?:in|inch|inches|"|''))?$/;
/** Inches may go without their name behind feet: 6'2. */
const SHORT = /^(-?)([\d.]+)'([\d.]+)$/;

function metresOf(text: string, own: number): number {
  const typed = text.trim().toLowerCase().replace('−', '-').replaceAll(',', '.').replace(/[’′]/g, "'").replace(/[”″]/g, '"');
  const metric = METRIC.exec(typed);
  if (metric !== null) return round(Number(metric[1]) * (metric[2] === 'm' ? 1 : 0.01));
  const imperial = typed === '' || typed === '-' ? null : (IMPERIAL.exec(typed) ?? SHORT.exec(typed));
  if (imperial !== null) return round((imperial[1] === '-' ? -1 : 1) * (Number(imperial[2] ?? 0) * 12 + Number(imperial[3] ?? 0)) * INCH);
  return own === 1 ? numberOf(typed) : round(numberOf(typed) * own);
}

/** To the centimetre: finer than an inch is told. */
function round(metres: number): number {
  return Math.round(metres * 100) / 100;
}
