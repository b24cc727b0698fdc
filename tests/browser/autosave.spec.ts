import type { Page } from "@playwright/test";
import { groupNamed } from "./made.ts";
import { alive, expect, follow, shownDisplay, test } from "./server.ts";

/** A page that is left, or loaded again, before the server has answered: nothing that was changed on it is lost. */

/** What is sent to be kept does not arrive until this is ended. */
async function away(page: Page): Promise<() => Promise<void>> {
  const isSaving = (method: string) => method === "PUT" || method === "PATCH";
  await page.route("**/api/**", (route) => (isSaving(route.request().method()) ? route.abort() : route.continue()));
  return () => page.unroute("**/api/**");
}

test("a plan: said, sent again by itself, and taken up by the page that is loaded next", async ({ page, server }) => {
  const id = (await groupNamed(page, server, "Plovers")).id;
  const kept = async () =>
    ((await (await page.request.get(`${server.address}/api/groups/${id}/plan`)).json()) as { minutes: number }).minutes;
  const minutes = page.getByLabel("Time there is");
  await page.goto(`${server.address}/plan?group=${id}`);
  await alive(page);
  await minutes.selectOption("45");
  await expect.poll(kept).toBe(45);
  const back = await away(page);
  await minutes.selectOption("10");
  await expect(page.getByText("Zip Step cannot be reached.")).toBeVisible();
  await minutes.selectOption("15");
  await page.reload();
  await alive(page);
  await expect(minutes).toHaveValue("15");
  await back();
  await expect.poll(kept).toBe(15);
  await expect(page.getByText("Zip Step cannot be reached.")).toHaveCount(0);
});

test("on the way back a page is as it is now, whatever the browser had kept of it", async ({ page, server }) => {
  const id = (await groupNamed(page, server, "Plovers")).id;
  const ng = page.getByRole("button", { name: /^ng as in ring/ });
  await page.goto(`${server.address}/groups/${id}`);
  await alive(page);
  await ng.click();
  // The page has been told that it is kept: there is no note of it any more.
  await expect.poll(() => page.evaluate(() => sessionStorage.length)).toBe(0);
  await follow(page, page.getByRole("link", { name: "Today", exact: true }));
  await page.goBack();
  await alive(page);
  await expect(ng).toHaveAttribute("data-state", "added");
  await ng.click();
  await expect(ng).toHaveAttribute("data-state", "not-yet");
  await expect.poll(() => page.evaluate(() => sessionStorage.length)).toBe(0);
  for (const path of [`/plan?group=${id}`, "/", "/api/groups"])
    expect((await page.request.get(`${server.address}${path}`)).headers()["cache-control"], path).toBe("no-store");
  // Files of the application itself are kept.
  const script = await page.locator("astro-island[component-url]").first().getAttribute("component-url");
  const kept = (await page.request.get(`${server.address}${script}`)).headers()["cache-control"];
  expect(kept).toContain("immutable");
});

test("hand-ticks and the school's choices", async ({ page, server }) => {
  const id = (await groupNamed(page, server, "Plovers")).id;
  await page.goto(`${server.address}/groups/${id}`);
  await alive(page);
  const ng = page.getByRole("button", { name: /^ng as in ring/ });
  let back = await away(page);
  await ng.click();
  await page.reload();
  await alive(page);
  await expect(ng).toHaveAttribute("data-state", "added");
  await back();
  const ticks = async () =>
    (
      (await (await page.request.get(`${server.address}/api/groups/${id}`)).json()) as {
        ticks: { add: { gpcs: string[] } };
      }
    ).ticks.add.gpcs;
  await expect.poll(ticks).toContain("ng=ŋ");
  await ng.click();
  await expect.poll(ticks).toEqual([]);

  await page.goto(`${server.address}/settings`);
  await alive(page);
  const thinking = page.getByLabel("Seconds to think");
  const first = await thinking.inputValue();
  back = await away(page);
  await thinking.fill("7");
  await page.reload();
  await alive(page);
  await expect(thinking).toHaveValue("7");
  await back();
  const school = async () =>
    ((await (await page.request.get(`${server.address}/api/school`)).json()) as { practice: { thinking: number } })
      .practice.thinking;
  await expect.poll(school).toBe(7);
  await thinking.fill(first);
  await expect.poll(school).toBe(Number(first));
});

test("a lesson: the word, the moment of it and whose turn it is", async ({ page, server }) => {
  await page.goto(`${server.address}/bench?words=at.cat.cap.map`);
  await alive(page);
  await page.getByRole("button", { name: "Teach" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  const back = await away(page);
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("3");
  await page.keyboard.press(" ");
  const turn = page.locator("[data-learner][aria-pressed=true]");
  const learner = await turn.getAttribute("data-learner");
  await page.reload();
  await alive(page);
  await expect(page.locator("[data-current-word]")).toHaveAttribute("data-word", "cap");
  await expect(shownDisplay(page)).toHaveAttribute("data-closed", "1");
  await expect(turn).toHaveAttribute("data-learner", learner ?? "");
  await back();
  const id = page.url().split("/").at(-1);
  await expect
    .poll(async () => {
      const answer = await page.request.get(`${server.address}/api/sessions/${id}`);
      return ((await answer.json()) as { session: { place: { item: number } } }).session.place.item;
    })
    .toBe(2);
});
