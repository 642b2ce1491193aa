/** The time zone of this device: a good guess for a venue. */
export function ownZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}
