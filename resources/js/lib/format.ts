/** Signed stops: "+0.3", "−1.5", "0.0"; a dash where no light arrives. */
export function signed(stops: number | null): string {
  if (stops === null) return '—';
  const rounded = Math.round(stops * 10) / 10;
  const sign = rounded > 0 ? '+' : rounded < 0 ? '−' : '';
  return `${sign}${Math.abs(rounded).toFixed(1)}`;
}

/** A share of 1 as per cent. */
export function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}
