const FORMATS = new Map<string, Intl.DateTimeFormat>();

/** Calendars differ in how they write a day; Sweden's way is the ISO one. */
function formatOf(timeZone: string): Intl.DateTimeFormat {
  let format = FORMATS.get(timeZone);
  if (!format) {
    format = new Intl.DateTimeFormat("sv-SE", { timeZone, year: "numeric", month: "2-digit", day: "2-digit" });
    FORMATS.set(timeZone, format);
  }
  return format;
}

/**
 * The day of a moment where a school is: a lesson at nine in the evening is that day's, whatever day it is at Greenwich.
 *
 * @param moment a date, or an ISO date and time
 * @param timeZone as IANA names it, such as Europe/London
 * @returns an ISO date
 * @throws RangeError for a zone that is none
 *
 * @example dayIn("2026-11-24T02:00:00Z", "America/New_York") // "2026-11-23"
 */
export const dayIn = (moment: Date | string, timeZone: string): string =>
  formatOf(timeZone).format(typeof moment === "string" ? new Date(moment) : moment);
