import { alive, expect, follow, test } from "./server.ts";

test("Today says what to work on and why; a chain and a lesson for it are one press; what is put off stays off", async ({
  page,
  server,
}) => {
  await page.goto(server.address);
  await alive(page);
  const card = page.getByRole("article", { name: "Plovers" });
  const first = card.locator("[data-proposal]").first();
  const id = (await first.getAttribute("data-proposal")) as string;
  const letters = id.split("=")[0] as string;
  await expect(first).toContainText(/\d+ of \d+.*\d+ to \d+ in 100/);

  // The bench opens with a chain for it, says why, and can be emptied and had back.
  await follow(page, first.getByRole("link", { name: "Chain for it" }));
  const chain = page.locator("ol[aria-label=Chain] [data-word]");
  await expect(chain).toHaveCount(8);
  const why = page.getByRole("status").filter({ hasText: "Made for" });
  await expect(why).toContainText(letters);
  await expect(page.locator("dd").filter({ hasText: /in 100/ })).toBeVisible();
  await page.getByRole("button", { name: "Start empty" }).click();
  await expect(page.getByText("One grapheme changes at each step.")).toBeVisible();
  await expect(why).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(chain).toHaveCount(8);

  // Of itself it opens full as well; a chain in the making comes first.
  const groupId = new URL(page.url()).searchParams.get("group");
  await page.goto(`${server.address}/bench?group=${groupId}`);
  await alive(page);
  await expect(chain).toHaveCount(8);

  await page.goto(server.address);
  await alive(page);
  await follow(page, first.getByRole("link", { name: "Lesson for it" }));
  await expect(page.getByText("The records call for")).toContainText(letters);
  await expect(page.getByRole("button", { name: new RegExp(`^Take ${letters} out of today`) })).toBeVisible();
  await page.getByRole("button", { name: "The newest instead" }).click();
  await expect(page.getByRole("button", { name: "Take that" })).toBeVisible();

  await page.goto(server.address);
  await alive(page);
  await first.getByRole("button", { name: /^Not now/ }).click();
  await expect(card.getByText("is put off, and stays off")).toBeVisible();
  await page.reload();
  await alive(page);
  await expect(card.locator(`[data-proposal="${id}"]`)).toBeHidden();
  const other = card.locator("[data-proposal]").first();
  const otherId = (await other.getAttribute("data-proposal")) as string;
  await other.getByRole("button", { name: /^Not now/ }).click();
  await card.getByRole("button", { name: "Undo" }).click();
  await expect(card.locator(`[data-proposal="${otherId}"]`)).toBeVisible();
  // The files that come after find it as it was.
  const back = `${server.address}/api/groups/${groupId}/put-off?focusId=${encodeURIComponent(id)}`;
  expect((await page.request.delete(back, { headers: { "content-type": "application/json" } })).ok()).toBe(true);
  await page.reload();
  await expect(card.locator("[data-proposal]").first()).toHaveAttribute("data-proposal", id);
});

test("the bench says how surely a chain and what stands in the records would settle what is not sure yet", async ({
  page,
  server,
}) => {
  const groups = await (await page.request.get(`${server.address}/api/groups`)).json();
  const group = groups.find(({ name }: { name: string }) => name === "Redshanks");
  const proposals = await (await page.request.get(`${server.address}/api/groups/${group.id}/proposals`)).json();
  const unsure = proposals.find(
    ({ isNamed, contrast }: { isNamed: boolean; contrast: unknown }) => !isNamed && contrast,
  );
  await page.goto(`${server.address}/bench?${new URLSearchParams({ group: group.id, for: unsure.id })}`);
  await alive(page);
  const { nickname, times, chances } = unsure.learners[0];
  await expect(page.locator("dt").filter({ hasText: "named a pattern" }).first()).toContainText(
    new RegExp(`with ${nickname}'s ${times} of ${chances} so far: \\d+`),
  );
});
