import type { Page } from "@playwright/test";

interface Point {
  readonly x: number;
  readonly y: number;
}

/** Drags from one point of the page to another with a quick finger, off the glass before a move has been drawn. */
export async function dragQuickly(page: Page, from: Point, to: Point): Promise<void> {
  const touch = await page.context().newCDPSession(page);
  const send = (type: "touchStart" | "touchMove" | "touchEnd", ...touchPoints: Point[]) =>
    touch.send("Input.dispatchTouchEvent", { type, touchPoints });
  const halfway = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  // Not awaited one by one: what a screen sends in one frame comes at once.
  await Promise.all([send("touchStart", from), send("touchMove", halfway), send("touchMove", to), send("touchEnd")]);
  await touch.detach();
}
