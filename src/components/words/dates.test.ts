import { afterEach, describe, expect, it } from "vitest";
import { saidDay, saidMoment, schoolToday, setSchoolZone } from "./dates.ts";

describe("dates as they are said", () => {
  afterEach(() => setSchoolZone(""));

  it("a day is the same wherever the school is", () => {
    for (const zone of ["Pacific/Kiritimati", "UTC", "Pacific/Pago_Pago"]) {
      setSchoolZone(zone);
      expect(saidDay("2026-11-25", "long")).toBe("Wednesday 25 November");
      expect(saidDay("2026-03-29", "day")).toBe("29 March");
    }
  });

  it("a moment is said where the school is", () => {
    setSchoolZone("Pacific/Kiritimati");
    expect(saidMoment("2026-11-24T12:00:00Z", "long")).toBe("Wednesday 25 November");
    setSchoolZone("Pacific/Pago_Pago");
    expect(saidMoment("2026-11-24T08:00:00Z", "short")).toBe("23 Nov");
    expect(schoolToday()).toMatch(/^\d{4}-\d{2}-\d{2}$/);
  });
});
