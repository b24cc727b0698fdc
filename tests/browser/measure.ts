import type { Page } from "@playwright/test";

/** What is wrong with a screen as it lies on the glass: measured, so that nobody has to see it. */

/** Sizes that every screen is made for: a laptop, a tablet lying and standing, a phone. */
export const SIZES = [
  [1280, 800],
  [1024, 768],
  [820, 1180],
  [390, 844],
] as const;

/**
 * Looks a page over: wider than the glass, controls too small for a finger, controls that lie over one another, text
 * cut off without a way to it.
 *
 * @returns one line a fault; none when all is well
 */
export const faultsOnScreen = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const LEAST_TARGET = 44;
    /** Rounding of a pixel here and there. */
    const SLACK = 1;
    const faults: string[] = [];
    const { clientWidth, scrollWidth } = document.documentElement;
    const nameOf = (element: Element) =>
      (element.getAttribute("aria-label") ?? element.textContent ?? "").trim().replace(/\s+/g, " ").slice(0, 40) ||
      element.outerHTML.slice(0, 80);
    const isShown = (element: Element) => {
      const box = element.getBoundingClientRect();
      return (
        box.width > 1 && box.height > 1 && element.checkVisibility({ visibilityProperty: true, opacityProperty: true })
      );
    };
    /** Scrolled into view by a region of its own, it is not lost. */
    const scrollerOf = (element: Element): Element | undefined => {
      for (let at = element.parentElement; at && at !== document.body; at = at.parentElement) {
        const { overflowX } = getComputedStyle(at);
        if ((overflowX === "auto" || overflowX === "scroll") && at.scrollWidth > at.clientWidth) return at;
      }
      return undefined;
    };
    if (scrollWidth > clientWidth + SLACK) {
      const wide = [...document.body.querySelectorAll("*")]
        .filter((element) => isShown(element) && element.getBoundingClientRect().right > clientWidth + SLACK)
        .filter((element) => !scrollerOf(element));
      const [first] = wide.filter((element) => ![...element.children].some((child) => wide.includes(child)));
      faults.push(`wider than the glass by ${scrollWidth - clientWidth}${first ? `: ${nameOf(first)}` : ""}`);
    }
    const controls = [
      ...document.querySelectorAll<HTMLElement>(
        "a[href], button, input, select, textarea, [role=button], [role=tab], [role=radio]",
      ),
    ].filter((element) => isShown(element) && !element.closest("[aria-hidden=true], .sr-only"));
    // A label carries the finger for the box inside it; a link in running text is as high as its line.
    const targetOf = (element: HTMLElement) => element.closest("label") ?? element;
    const inText = (element: HTMLElement) => element.matches("a") && getComputedStyle(element).display === "inline";
    const targets = controls
      .filter((element) => !inText(element))
      .map((element) => ({ element, box: targetOf(element).getBoundingClientRect() }));
    for (const { element, box } of targets) {
      const { right, left, width, height } = box;
      if (height < LEAST_TARGET - SLACK || width < LEAST_TARGET - SLACK)
        faults.push(`small (${Math.round(width)}x${Math.round(height)}): ${nameOf(element)}`);
      if ((right > clientWidth + SLACK || left < -SLACK) && !scrollerOf(element))
        faults.push(`off the glass: ${nameOf(element)}`);
    }
    /** In a bar that stays while what is under it moves. */
    const isAfloat = (element: Element): boolean => {
      for (let at: Element | null = element; at && at !== document.body; at = at.parentElement)
        if (["sticky", "fixed"].includes(getComputedStyle(at).position)) return true;
      return false;
    };
    /** What is left of a control where a region of its own has scrolled a part of it away. */
    const seenPart = (element: Element, { left, top, right, bottom }: DOMRect): DOMRect => {
      const part = { left, top, right, bottom };
      for (let at = element.parentElement; at && at !== document.body; at = at.parentElement) {
        if (getComputedStyle(at).overflowY === "visible" && getComputedStyle(at).overflowX === "visible") continue;
        const frame = at.getBoundingClientRect();
        part.left = Math.max(part.left, frame.left);
        part.top = Math.max(part.top, frame.top);
        part.right = Math.min(part.right, frame.right);
        part.bottom = Math.min(part.bottom, frame.bottom);
      }
      return new DOMRect(part.left, part.top, Math.max(0, part.right - part.left), Math.max(0, part.bottom - part.top));
    };
    const onGlass = targets
      .map(({ element, box }) => ({ element, box: seenPart(element, box) }))
      .filter(({ box }) => box.height > 0 && box.width > 0 && box.bottom > 0 && box.top < innerHeight);
    onGlass.forEach((one, k) => {
      for (const other of onGlass.slice(k + 1)) {
        if (one.element.contains(other.element) || other.element.contains(one.element)) continue;
        if (targetOf(one.element) === targetOf(other.element) || isAfloat(one.element) !== isAfloat(other.element))
          continue;
        const wide = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left);
        const high = Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top);
        if (wide <= 2 || high <= 2) continue;
        // One of them may have been scrolled away under a bar that stays, or be covered by a dialog.
        const at = (box: DOMRect) => document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2);
        const seen = [one, other].filter(({ element, box }) => {
          const top = at(box);
          return top !== null && (element.contains(top) || targetOf(element).contains(top));
        });
        if (seen.length === 2) faults.push(`on one another: ${nameOf(one.element)} and ${nameOf(other.element)}`);
      }
    });
    for (const element of document.querySelectorAll("h1, h2, h3, p, td, th, dd, li, button, a, label, [data-word]")) {
      if (!isShown(element) || element.closest(".sr-only")) continue;
      const { overflowX, textOverflow } = getComputedStyle(element);
      // Letters that run over the edge of a button are cut by whatever frames it.
      const isOver =
        element.matches("button, a") && element.clientWidth > 0 && element.scrollWidth > element.clientWidth + SLACK;
      const isCut =
        isOver ||
        (element.scrollWidth > element.clientWidth + SLACK &&
          overflowX !== "visible" &&
          overflowX !== "auto" &&
          overflowX !== "scroll");
      if (isCut && !(textOverflow === "ellipsis" && element.getAttribute("title")))
        faults.push(`cut: ${nameOf(element)}`);
    }
    return [...new Set(faults)];
  });
