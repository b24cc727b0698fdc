import type { Page } from "@playwright/test";
import type { Server } from "./server-process.ts";

/** What tests make, or look for, without a screen: those of a screen are about that screen alone. */

interface NamedGroup {
  readonly id: string;
  readonly name: string;
  /** One of them at least. */
  readonly learners: readonly [NamedLearner, ...NamedLearner[]];
}
interface NamedLearner {
  readonly id: string;
  readonly nickname: string;
}

/** A full group: thirty learners, some with long names. */
export const THIRTY_NAMES = Array.from({ length: 30 }, (_, k) =>
  k % 7 === 0 ? `Oystercatcher of the Outer Bar ${k}` : `Tern ${k}`,
);

/** Asks for something new. @returns what was made */
export const post = async (page: Page, server: Server, path: string, data: object) =>
  (await page.request.post(server.address + path, { data })).json();

export const groupsNow = async (page: Page, server: Server): Promise<readonly NamedGroup[]> =>
  (await page.request.get(`${server.address}/api/groups`)).json();

/** @throws Error when there is none of this name */
export async function groupNamed(page: Page, server: Server, name: string): Promise<NamedGroup> {
  const groups = await groupsNow(page, server);
  const found = groups.find((group) => group.name === name);
  if (!found) throw new Error(`no group ${name}`);
  return found;
}
