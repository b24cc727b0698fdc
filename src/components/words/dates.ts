import { dayIn } from "../../core/light.ts";

/** Dates as they are said on screen: where the school is, not where the device thinks it is. */

let serversZone: string | undefined;

/** On the server, before a page is drawn: a page and what the browser makes of it say the same. */
export function setSchoolZone(timeZone: string): void {
  serversZone = timeZone;
}

/** The school's time zone: the page says it. */
export function schoolZone(): string {
  const said = globalThis.document?.querySelector<HTMLMetaElement>("meta[name=time-zone]")?.content;
  return said || serversZone || new Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** Today where the school is, as an ISO date. */
export const schoolToday = (): string => dayIn(new Date(), schoolZone());

const FORMATS = {
  /** `"24 Nov"` */
  short: { day: "numeric", month: "short" },
  /** `"24 November"` */
  day: { day: "numeric", month: "long" },
  /** `"Tuesday 24 November"` */
  long: { weekday: "long", day: "numeric", month: "long" },
  /** `"24 Nov 2026, 09:30"` */
  moment: { dateStyle: "medium", timeStyle: "short" },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;

/** A moment as it is said, where the school is. */
export const saidMoment = (moment: string | Date, as: keyof typeof FORMATS): string =>
  new Date(moment).toLocaleString("en-GB", { ...FORMATS[as], timeZone: schoolZone() });

/** An ISO date as it is said: the day it is, wherever anybody looks at it. */
export const saidDay = (date: string, as: "day" | "long"): string =>
  new Date(`${date}T00:00:00Z`).toLocaleDateString("en-GB", { ...FORMATS[as], timeZone: "UTC" });
