import type { Page } from "@playwright/test";
import { groupNamed, post } from "./made.ts";
import { alive, expect, type Server } from "./server.ts";

/** What the lesson tests have in common: a plan drafted, a chain opened in Teach, what stands on the screen. */

export const stage = (page: Page) => page.locator("[data-place]");
export const board = (page: Page) => page.locator("[data-board]");
export const chip = (page: Page, learner: string) => page.locator(`[data-learner="${learner}"]`);

/** Takes out whatever other tests, or the opening of the screen, put into the lesson of the demo's first group. */
export async function emptyPlan(page: Page, server: Server): Promise<void> {
  const { id } = await groupNamed(page, server, "Plovers");
  await page.request.put(`${server.address}/api/groups/${id}/plan`, { data: { minutes: 20, activities: [] } });
}

export async function draftedPlan(page: Page, server: Server, minutes: string): Promise<void> {
  await emptyPlan(page, server);
  await page.goto(`${server.address}/plan`);
  await alive(page);
  await page.getByLabel("Time there is").selectOption(minutes);
  // A lesson may be there already: the new one has come when the server has answered.
  const drafted = page.waitForResponse(
    (response) => response.url().endsWith("/plan") && response.request().method() === "POST",
  );
  await page.getByRole("button", { name: /^Draft/ }).click();
  const chain = page.locator("[data-kind=read-chain]");
  const confirm = page.getByRole("alertdialog").getByRole("button", { name: "Draft anew" });
  // The first lesson after a start is drafted while the server makes itself ready.
  await expect(chain.or(confirm).first()).toBeVisible({ timeout: 45_000 });
  if (await confirm.isVisible()) await confirm.click();
  await drafted;
  await expect(page.getByRole("button", { name: "Draft anew" })).toBeVisible();
  await expect(chain).toBeVisible();
}

/** Opens a chain of these words in Teach, for the demo's first group. */
export async function teachChain(page: Page, server: Server, words: string): Promise<void> {
  const { id: groupId } = await groupNamed(page, server, "Plovers");
  const aim = { focus: [], contrasts: [] };
  const chain = await post(page, server, "/api/chains", { groupId, words: words.split("."), aim });
  const session = await post(page, server, "/api/sessions", { chainId: chain.id });
  await page.goto(`${server.address}/teach/${session.id}`);
  await alive(page);
}

/** What was built, as the records screen tells it. */
export async function openedBuilt(page: Page, server: Server): Promise<string[]> {
  await page.goto(`${server.address}/evidence?way=built`);
  await alive(page);
  await page.getByText("also what was always right").click();
  await page
    .getByRole("button", { name: /of \d+ chances/ })
    .first()
    .click();
  const opened = page.getByRole("dialog").locator("[data-response]");
  await expect(opened.first()).toBeVisible();
  // Rows that are not drawn yet have no inner text; their content is there.
  return opened.allTextContents();
}

export async function placeOf(
  page: Page,
): Promise<{ activity: number; item: number; orders: Record<string, number[]> }> {
  const id = new URL(page.url()).pathname.split("/")[2];
  return (await (await page.request.get(`${new URL(page.url()).origin}/api/sessions/${id}`)).json()).session.place;
}
