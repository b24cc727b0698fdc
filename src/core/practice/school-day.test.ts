import { describe, expect, it } from "vitest";
import { dayIn } from "./school-day.ts";

describe("the school's day", () => {
  it.each([
    ["2026-11-24T21:00:00-05:00", "America/New_York", "2026-11-24"],
    ["2026-11-24T21:00:00+13:00", "Pacific/Auckland", "2026-11-24"],
    ["2026-11-24T00:30:00+05:45", "Asia/Kathmandu", "2026-11-24"],
    ["2026-03-29T00:59:59Z", "Europe/London", "2026-03-29"],
    ["2026-06-30T23:30:00Z", "Europe/London", "2026-07-01"],
    ["2026-12-31T23:59:59Z", "UTC", "2026-12-31"],
  ])("%s in %s is %s", (moment, zone, day) => {
    expect(dayIn(moment, zone)).toBe(day);
    expect(dayIn(new Date(moment), zone)).toBe(day);
  });

  it("a zone that is none is a programmer's mistake", () => {
    expect(() => dayIn(new Date(0), "Atlantis/Harbour")).toThrow(RangeError);
  });
});
