import { describe, expect, it } from "vitest";
import { mainScreens } from "../screens.ts";
import { SCREEN_HELP, shutHelp, shutHelpCookie } from "./screen-help.ts";

/** The part of a cookie that a browser sends back. */
const sent = (cookie: string) => cookie.slice(0, cookie.indexOf(";"));

describe("the short help of screens", () => {
  it("is there for every screen of the row at the top, in one sentence or two that fit a line", () => {
    for (const { id } of mainScreens(undefined)) {
      const text = SCREEN_HELP[id as keyof typeof SCREEN_HELP];
      expect(text.endsWith("."), id).toBe(true);
      expect(text.length, id).toBeLessThan(110);
    }
  });

  it("that was shut is told by the cookie, whatever other cookies there are", () => {
    const cookie = sent(shutHelpCookie(["bench", "ears-only"]));
    expect(shutHelp(cookie)).toEqual(["bench", "ears-only"]);
    expect(shutHelp(`other=1; ${cookie}; more=bench`)).toEqual(["bench", "ears-only"]);
  });

  it("is shown where no cookie says otherwise", () => {
    for (const cookies of ["", "help=bench", "not-help-shut=bench", sent(shutHelpCookie([]))])
      expect(shutHelp(cookies), cookies).toEqual([]);
  });

  it("comes back when the cookie is taken away", () => {
    expect(shutHelpCookie([])).toContain("max-age=0");
    expect(shutHelpCookie(["plan"])).not.toContain("max-age=0");
  });
});
