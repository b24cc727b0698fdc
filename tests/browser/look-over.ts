import type { Page } from "@playwright/test";
import { faultsByAxe } from "./axe.ts";
import { faultsOnScreen, SIZES } from "./measure.ts";
import { alive, expect } from "./server.ts";

/**
 * Looks a page over at each size, with a checker of accessibility at the largest and the smallest. It is opened on the
 * first size, and from then on turned in the hand; what is drawn on the server is the same on all.
 * @param ready brings it into the state that is looked at
 */
export async function lookOver(page: Page, address: string, ready?: (width: number) => Promise<void>): Promise<void> {
  for (const [k, [width, height]] of SIZES.entries()) {
    await page.setViewportSize({ width, height });
    if (k === 0) {
      await page.goto(address);
      await alive(page);
    }
    await ready?.(width);
    if (k === 0 || k === SIZES.length - 1) {
      // Contrast, which takes as long to look at as all else together, has a test of its own.
      const found = await faultsByAxe(page, { without: ["color-contrast"] });
      expect.soft(found, `${new URL(address).pathname} at ${width}x${height}, as a checker reads it`).toEqual([]);
    }
    await expect
      .poll(() => faultsOnScreen(page), {
        message: `${new URL(address).pathname} at ${width}x${height}`,
        timeout: 8_000,
      })
      .toEqual([]);
  }
}
