import type { Page } from "@playwright/test";
import { chip, teachChain } from "./lesson-steps.ts";
import { post } from "./made.ts";
import { alive, expect, Server, test } from "./server.ts";

/** Marks that the server does not have yet: on every screen, in a browser that keeps nothing, beside another folder. */

async function markRight(page: Page): Promise<void> {
  await page.keyboard.press("1");
  await page.keyboard.press("Enter");
}

const noMarkArrives = (page: Page) => page.route("**/api/responses", (route) => route.abort());

test("marks left by a closed lesson are said and sent from any screen", async ({ page, server }) => {
  await noMarkArrives(page);
  await teachChain(page, server, "ship.shop");
  await markRight(page);
  await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right waiting");
  await page.goto(`${server.address}/plan`);
  await alive(page);
  await expect(page.getByText("1 mark not stored yet: kept in this browser")).toBeVisible();
  await page.unroute("**/api/responses");
  await expect(page.getByText("not stored yet")).toBeHidden();
});

test("a mark is kept when the page is left in the moment it is made", async ({ page, server }) => {
  await noMarkArrives(page);
  await teachChain(page, server, "ship.shop.shock");
  const lesson = page.url();
  for (const learner of ["1", "2", "3"]) {
    await page.goto(lesson);
    await alive(page);
    await page.evaluate((key) => {
      for (const pressed of [key, "Enter"])
        document.body.dispatchEvent(new KeyboardEvent("keydown", { key: pressed, bubbles: true }));
      setTimeout(() => location.replace("about:blank"));
    }, learner);
    await page.waitForURL("about:blank");
  }
  await page.goto(`${server.address}/plan`);
  await expect(page.getByText("3 marks not stored yet: kept in this browser")).toBeVisible();
});

test("a browser that will not keep marks: said, held by the page, which is not left by mistake", async ({
  page,
  server,
}) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException("denied", "SecurityError");
    };
  });
  await noMarkArrives(page);
  await teachChain(page, server, "ship.shop");
  await markRight(page);
  await expect(page.getByText("1 mark only on this page")).toBeVisible();
  await page.getByRole("button", { name: "Finish" }).click();
  await expect(page.getByText("Leave the page open")).toBeVisible();
  expect(page.url()).toContain("/teach/");
  let asked = false;
  page.on("dialog", async (dialog) => {
    asked = true;
    await dialog.dismiss();
  });
  await page.close({ runBeforeUnload: true });
  await expect.poll(() => asked).toBe(true);
  await page.unroute("**/api/responses");
  await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right stored");
});

test("a mark made while the server is away says so and arrives later; another data folder on its port keeps it", async ({
  page,
  server: first,
}) => {
  const second = new Server(first.port, { demo: false });
  await teachChain(page, first, "ship.shop");
  await first.stop();
  await markRight(page);
  await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right waiting");
  await expect(page.getByText("1 mark being stored…")).toBeVisible();

  await second.start();
  const group = { name: "Yaffles", sequenceId: "phased", step: 30, learners: ["Godwit"] };
  await post(page, second, "/api/groups", group);
  const beside = await page.context().newPage();
  await beside.goto(`${second.address}/plan`);
  await alive(beside);
  await expect(beside.getByText("1 mark of another data folder")).toBeVisible();
  await beside.close();
  await second.stop();
  second.remove();

  await first.start();
  await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right stored");
  await page.reload();
  await alive(page);
  await expect(chip(page, "Sandpiper")).toHaveAttribute("data-mark", "right stored");
});
