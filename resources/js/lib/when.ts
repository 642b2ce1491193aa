/** Times of day and dates as people write them, and as they are stored: "19:30", "2027-09-18", "2027-09-18T19:30". */

export type WhenKind = 'date' | 'time' | 'datetime-local';

const STORED: Readonly<Record<WhenKind, RegExp>> = {
  date: /^\d{4}-\d\d-\d\d$/,
  time: /^([01]\d|2[0-3]):[0-5]\d$/,
  'datetime-local': /^\d{4}-\d\d-\d\dT([01]\d|2[0-3]):[0-5]\d$/,
};

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** "7:30 pm" of "19:30". */
export function timeOf(clock: string): string {
  const [hour, half] = twelve(clock);
  return `${hour}:${clock.slice(3)} ${half}`;
}

/** "7 pm" of "19:00". */
export function hourOf(clock: string): string {
  const [hour, half] = twelve(clock);
  return `${hour} ${half}`;
}

function twelve(clock: string): [number, string] {
  const hour = Number(clock.slice(0, 2));
  return [((hour + 11) % 12) + 1, hour < 12 ? 'am' : 'pm'];
}

/** What a field shows of something stored; what is none of these as it is. */
export function shownWhen(kind: WhenKind, stored: string, time: (clock: string) => string): string {
  if (!STORED[kind].test(stored)) return stored;
  if (kind === 'time') return time(stored);
  const [day = '', clock] = stored.split('T');
  return clock === undefined ? dayOf(day) : `${dayOf(day)}, ${time(clock)}`;
}

/** "18 Sep 2027" of "2027-09-18". */
export function dayOf(stored: string): string {
  const [year = '', month, of] = stored.split('-');
  return `${Number(of)} ${MONTHS[Number(month) - 1] ?? ''} ${year}`;
}

/** What is stored of something typed; what cannot be understood as it is, for the server to refuse in words. */
export function storedWhen(kind: WhenKind, typed: string): string {
  const text = typed.trim();
  if (kind === 'time') return clockIn(text) ?? text;
  if (kind === 'date') return dayIn(text) ?? text;
  const parts = /^(.*?\d{4}-?\d{0,2}-?\d{0,2})(?:,? +|T|,)(\S.*)$/.exec(text);
  const [day, clock] = [dayIn(parts?.[1] ?? ''), clockIn(parts?.[2] ?? '')];
  return day === null || clock === null ? text : `${day}T${clock}`;
}

/** 19:30, 1930, 19.30, 7:30 pm, 7pm; without am or pm by the 24-hour clock. */
function clockIn(text: string): string | null {
  const parts = /^(\d{1,2})(?:[:.]?(\d{2}))? ?(?:([ap])\.?m?\.?)?$/i.exec(text);
  if (parts === null) return null;
  const [, typed = '', minutes, half] = parts;
  const hour = Number(typed);
  if (half === undefined ? minutes === undefined || hour > 23 : hour < 1 || hour > 12) return null;
  const ofDay = half === undefined ? hour : (hour % 12) + (half.toLowerCase() === 'p' ? 12 : 0);
  return Number(minutes ?? 0) > 59 ? null : `${String(ofDay).padStart(2, '0')}:${minutes ?? '00'}`;
}

/** 2027-09-18, 18 Sep 2027, Sep 18, 2027, 18.9.2027; 9/18/2027 is no day for sure, so it is left alone. */
function dayIn(text: string): string | null {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  if (iso !== null) return day(iso[1], Number(iso[2]), iso[3]);
  const dotted = /^(\d{1,2})\. ?(\d{1,2})\. ?(\d{4})$/.exec(text);
  if (dotted !== null) return day(dotted[3], Number(dotted[2]), dotted[1]);
  const dayFirst = /^(?:[a-z]{3,9},? )?(\d{1,2})(?:st|nd|rd|th)? ([a-z]{3})[a-z]*,? (\d{4})$/i.exec(text);
  if (dayFirst !== null) return day(dayFirst[3], monthOf(dayFirst[2]), dayFirst[1]);
  const monthFirst = /^(?:[a-z]{3,9},? )?([a-z]{3})[a-z]* (\d{1,2})(?:st|nd|rd|th)?,? (\d{4})$/i.exec(text);
  return monthFirst === null ? null : day(monthFirst[3], monthOf(monthFirst[1]), monthFirst[2]);
}

function monthOf(name = ''): number {
  return MONTHS.findIndex((month) => month.toLowerCase() === name.toLowerCase()) + 1;
}

/** Whether the calendar has it is for the server to say. */
function day(year = '', month: number, of = ''): string | null {
  return month < 1 || month > 12 ? null : `${year}-${String(month).padStart(2, '0')}-${of.padStart(2, '0')}`;
}
