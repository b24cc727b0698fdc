import { faultsByAxe } from "./axe.ts";
import { board, draftedPlan, stage, teachChain } from "./lesson-steps.ts";
import { alive, expect, follow, test } from "./server.ts";

/** What leads to a lesson: the plan that has to fit, the shelf and the templates, the bench. */

test("a lesson that does not fit the group any more says what and is not begun, until it is mended", async ({
  page,
  server,
}) => {
  const api = async (method: "post" | "patch", path: string, data: object) =>
    (await page.request[method](`${server.address}/api/${path}`, { data })).json();
  const at = (step: number) => ({ sequenceId: "short-vowels-first", step });
  // A group of its own: nothing that other tests record changes what is drafted.
  const group = await api("post", "groups", { name: "Wrens", learners: ["Rail"], ...at(13) });
  const putTo = (step: number) => api("patch", `groups/${group.id}`, at(step));
  const drafted = await api("post", `groups/${group.id}/plan`, {
    focus: ["sh=ʃ"],
    contrasts: [],
    minutes: 15,
    seed: 3,
  });
  const { id } = drafted.activities.find(({ kind }: { kind: string }) => kind === "blending");
  await api("patch", `plans/${group.id}/activities/${id}`, { words: ["at", "than", "hat"] });
  await page.goto(`${server.address}/plan?group=${group.id}`);
  await alive(page);
  const teach = page.getByRole("button", { name: "Teach the lesson" });
  await expect(teach).toBeEnabled();
  const blending = page.locator("[data-kind=blending]");
  await expect(blending).toContainText(/at\s+than\s+hat/);
  await putTo(6);
  await page.reload();
  await alive(page);
  const unfit = page.getByText(/not fit what the group has been taught/);
  await expect(unfit).toBeVisible();
  await expect(teach).toBeDisabled();
  const cards = page.locator("[data-kind=sound-cards]");
  await expect(cards).toContainText(/ as in .*: not taught yet/);
  await expect(cards.getByRole("button", { name: "Teach" })).toBeDisabled();
  // Words are taken out with one press; what cannot be mended word by word goes as a whole.
  await expect(blending).toContainText("than: not taught yet: th");
  await blending.getByRole("button", { name: "Take out: than" }).click();
  await expect(blending).not.toContainText("than");
  await expect(blending.getByRole("button", { name: "Teach" })).toBeEnabled();
  const off = page.locator("[data-kind]").filter({ hasText: /not taught yet|not among/ });
  for (let left = await off.count(); left > 0; left--) {
    await off
      .first()
      .getByRole("button", { name: /^Take .* out$/ })
      .click();
    await expect(off).toHaveCount(left - 1);
  }
  await expect(unfit).toHaveCount(0);
  await expect(teach).toBeEnabled();
  await teach.click();
  await page.waitForURL(/\/teach\//);
});

test("a group that has never had a plan opens with one, and why; emptied, it stays empty", async ({ page, server }) => {
  const data = { name: "Waxwings", sequenceId: "short-vowels-first", step: 13, learners: ["Rail"] };
  const group = await (await page.request.post(`${server.address}/api/groups`, { data })).json();
  const opened = `${server.address}/plan?group=${group.id}`;
  await page.goto(opened);
  await alive(page);
  await expect(page.locator("[data-kind=read-chain]")).toBeVisible({ timeout: 45_000 });
  await expect(page.getByText("Drafted as the screen opened, for the newest sound.")).toBeVisible();
  await page.getByRole("button", { name: "Start empty" }).click();
  await expect(page.getByText("Nothing in it yet.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(page.locator("[data-kind=read-chain]")).toBeVisible();
  await page.getByRole("button", { name: "Redo" }).first().click();
  const stored = async () =>
    (await (await page.request.get(`${server.address}/api/groups/${group.id}/plan`)).json()).activities.length;
  await expect.poll(stored).toBe(0);
  await page.goto(opened);
  await alive(page);
  await expect(page.getByText("Nothing in it yet.")).toBeVisible();
});

test("drafting is stopped: the lesson is as it was", async ({ page, server }) => {
  const data = { name: "Wheatears", sequenceId: "short-vowels-first", step: 13, learners: ["Rail"] };
  const group = await (await page.request.post(`${server.address}/api/groups`, { data })).json();
  await page.request.put(`${server.address}/api/groups/${group.id}/plan`, { data: { minutes: 20, activities: [] } });
  // An answer that takes its time: the press comes first.
  await page.route("**/api/groups/*/plan", async (route) => {
    if (route.request().method() === "POST") await new Promise((resolve) => setTimeout(resolve, 20_000));
    await route.continue().catch(() => undefined);
  });
  await page.goto(`${server.address}/plan?group=${group.id}`);
  await alive(page);
  await page.getByRole("button", { name: "Draft the lesson" }).click();
  const working = page.getByRole("status").filter({ hasText: "Choosing words" });
  await expect(working.getByRole("progressbar")).toBeVisible();
  await working.getByRole("button", { name: "Stop" }).click();
  await expect(page.getByText("Stopped. The lesson is as it was.")).toBeVisible();
  await expect(page.getByText("Nothing in it yet.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Draft the lesson" })).toBeEnabled();
});

test("the shelf, a template of one's own, what was taken out; the week and the packs", async ({ page, server }) => {
  await draftedPlan(page, server, "20");
  const rows = page.getByRole("list", { name: "Activities" }).locator("li");
  const count = await rows.count();
  await page.getByRole("button", { name: "An activity" }).click();
  await page.getByRole("menuitem", { name: "A text of your own…" }).click();
  await page.getByLabel("The text").fill("A rat in the rain.");
  await page.getByRole("button", { name: "Put it in" }).click();
  await expect(page.getByText(/rain is not within reach yet/)).toBeVisible();
  await page.getByLabel("The text").fill("A rat has a hat.");
  await page.getByRole("button", { name: "Put it in" }).click();
  await expect(rows).toHaveCount(count + 1);
  await expect(rows.last()).toContainText("A rat has a hat.");
  await rows.first().getByRole("button", { name: /^Take/ }).click();
  await expect(rows).toHaveCount(count);
  await page.locator("[data-sonner-toast]").getByRole("button", { name: "Undo" }).click();
  await expect(rows).toHaveCount(count + 1);
  // Once a press right after the undo opened nothing; why is not known. Until it is, it is pressed again.
  const name = page.getByLabel("Name of the template");
  await expect(async () => {
    if (!(await name.isVisible()))
      await page.getByRole("button", { name: "Keep as a template…" }).click({ timeout: 2000 });
    await expect(name).toBeVisible({ timeout: 5000 });
  }).toPass();
  await name.fill("Harbour mornings");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByRole("combobox", { name: /^By/ })).toContainText("Harbour mornings");
  await page.getByRole("button", { name: "Take this template out" }).click();
  await expect(page.getByRole("combobox", { name: /^By/ })).not.toContainText("Harbour mornings");

  await follow(page, page.getByRole("link", { name: "A week" }));
  await page.waitForURL(/week/);
  await expect(page.locator("[data-date]")).toHaveCount(5);
  await page.getByLabel("Fr", { exact: true }).uncheck();
  await page.getByRole("button", { name: "Work it out again" }).click();
  await expect(page.locator("[data-date]")).toHaveCount(4);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Calendar file (.ics)" }).click();
  expect((await download).suggestedFilename()).toMatch(/^plovers-.*\.ics$/);

  await page.goto(`${server.address}/packs`);
  await alive(page);
  const knot = page.getByRole("region", { name: "Knot" });
  await expect(knot).toContainText("known");
  await page.getByRole("button", { name: "Go through the sound cards of Knot" }).click();
  await page.waitForURL(/\/teach\//);
  await alive(page);
  // Alone, a right card brings the next.
  await page.keyboard.press("Enter");
  await expect(stage(page)).toHaveAttribute("data-place", "1");
  await expect(page.locator("[data-learner]")).toHaveCount(1);
});

test("a chain goes from the bench to the plan, and the lesson's screens are fit for everybody", async ({
  page,
  server,
}) => {
  await page.goto(`${server.address}/bench?words=lap.cap.cat`);
  await alive(page);
  await page.getByRole("button", { name: "To the plan" }).click();
  await page.getByRole("button", { name: "Open the plan" }).click();
  await page.waitForURL(/plan/);
  await alive(page);
  await expect(page.getByRole("link", { name: "lap to cat" })).toBeVisible();
  const noFault = async (what: string) => {
    expect(await faultsByAxe(page, { least: "serious" }), what).toEqual([]);
  };
  await noFault("plan");
  for (const path of ["/week", "/packs"]) {
    await page.goto(server.address + path);
    await alive(page);
    await noFault(path);
  }
  await teachChain(page, server, "at.cat.cap");
  await noFault("teach");
  await page.getByRole("button", { name: "More to do with this activity" }).click();
  await page.getByRole("menuitem", { name: "Build it with tiles" }).click();
  await page.keyboard.press("ArrowRight");
  await expect(board(page)).toBeVisible();
  await noFault("build");
});
