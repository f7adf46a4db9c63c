const DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long", year: "numeric" });
const SHORT = new Intl.DateTimeFormat("en-GB", { month: "short", year: "numeric" });

/** A day as it is spoken: 12 March 2031. */
export function dayOf(instant: string): string {
  return DAY.format(new Date(instant));
}

/** A month as it stands on an axis: Mar 2031. */
export function monthOf(instant: Date): string {
  return SHORT.format(instant);
}
