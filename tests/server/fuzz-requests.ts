import { z } from "zod";
import { seededRandom } from "../../src/core/index.ts";
import type { AnyRoute } from "../../src/server/http/route.ts";
import { ROUTES } from "../../src/server/routes.ts";

/** Random requests to every endpoint of the map of routes and to every screen, half of them nearly right. */

type Node = Readonly<Record<string, unknown>>;

export interface FuzzReport {
  readonly requests: number;
  /** How many answers there were of each hundred: 2, 3, 4, 5. */
  readonly answers: Readonly<Record<string, number>>;
  /** Requests answered with 5xx, each once. */
  readonly failed: readonly string[];
  /** Requests that were not answered within ten seconds. */
  readonly hung: readonly string[];
}

const PAGES = [
  "/",
  "/bench",
  "/families",
  "/ears-only",
  "/plan",
  "/plan-sheet",
  "/evidence",
  "/groups",
  "/people",
  "/backups",
  "/packs",
  "/week",
  "/api-reference",
  "/teach/:id",
  "/print/:id",
  "/groups/:id",
  "/sequences/:id",
];
const PAGE_QUERIES = [
  "group",
  "learner",
  "way",
  "chain",
  "copy",
  "given",
  "set",
  "from",
  "at",
  "days",
  "minutes",
  "paper",
];

const ODD_TEXTS = [
  "",
  " ",
  "\0",
  "\ud800",
  "a\u0007b\u202ec",
  "x".repeat(3_000),
  "=HYPERLINK(1)",
  "../../etc/passwd",
  "'; drop table groups; --",
  "<script>alert(1)</script>",
  "𝒳🐦‍⬛",
  "cat",
  "ſh",
  "0000-01-01",
  "9999-12-31",
  "2026-02-30",
  "2026-11-28T09:30:00Z",
  "00000000-0000-0000-0000-000000000000",
  "__proto__",
];
const ODD_VALUES: readonly unknown[] = [null, true, 0, -1, 1.5, 1e300, 2 ** 53, [], {}, [[[[[[[[]]]]]]]], "x"];
const HANG_MS = 60_000;
/** What plans weeks of lessons may take longer. */
const LONG_WORK_MS = 90_000;
const LONG_WORK: readonly string[] = ["POST /api/demo"];

/** Values that fit a schema as it is published, now and then one that does not. */
class Maker {
  readonly #random: () => number;
  readonly #ids: readonly string[];

  constructor(random: () => number, ids: readonly string[]) {
    this.#random = random;
    this.#ids = ids;
  }

  chance(share: number): boolean {
    return this.#random() < share;
  }

  pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.#random() * list.length)] as T;
  }

  text(): string {
    return this.chance(0.4) ? this.pick(this.#ids) : this.pick(ODD_TEXTS);
  }

  value(node: Node): unknown {
    if (this.chance(0.04)) return this.chance(0.5) ? this.pick(ODD_VALUES) : this.text();
    if ("const" in node) return node["const"];
    if (Array.isArray(node["enum"])) return this.pick(node["enum"]);
    const choices = (node["anyOf"] ?? node["oneOf"]) as Node[] | undefined;
    if (choices) return this.value(this.pick(choices));
    switch (node["type"]) {
      case "string":
        return this.#string(node);
      case "number":
      case "integer": {
        const [least, most] = [Number(node["minimum"] ?? 0), Number(node["maximum"] ?? 100)];
        return this.chance(0.8) ? least + Math.floor(this.#random() * Math.min(most - least + 1, 30)) : most + 1;
      }
      case "boolean":
        return this.chance(0.5);
      case "array": {
        const length = this.chance(0.95) ? Math.floor(this.#random() * 4) : 60;
        return Array.from({ length }, () => this.value((node["items"] as Node) ?? {}));
      }
      case "object": {
        const required = new Set((node["required"] as string[]) ?? []);
        return Object.fromEntries(
          Object.entries((node["properties"] as Record<string, Node>) ?? {})
            .filter(([name]) => this.chance(required.has(name) ? 0.97 : 0.5))
            .map(([name, one]) => [name, this.value(one)]),
        );
      }
      default:
        return this.pick(ODD_VALUES);
    }
  }

  #string(node: Node): string {
    const { format } = node;
    if (this.chance(0.15)) return this.pick(ODD_TEXTS);
    if (format === "uuid") return this.pick(this.#ids);
    if (format === "date") return `2026-${10 + Math.floor(this.#random() * 3)}-1${Math.floor(this.#random() * 10)}`;
    if (format === "date-time") return "2026-11-24T09:30:00Z";
    return this.pick(["ship", "shop", "sh=ʃ", "e=ɛ", "i=ɪ", "ʃ", "ɪ", "short-vowels-first", "09:00", "135", "Plovers"]);
  }
}

/** The ids of what is there, and some words that stand in addresses. */
async function idsAt(address: string): Promise<string[]> {
  const read = async (path: string) => JSON.stringify(await (await fetch(`${address}${path}`)).json());
  const groups = await read("/api/groups");
  const [first = ""] = /[0-9a-f-]{36}/.exec(groups) ?? [];
  const all = [groups, await read("/api/learners")];
  for (const noun of ["chains", "sets", "routines", "sessions"]) all.push(await read(`/api/${noun}?groupId=${first}`));
  const found = new Set(all.join(" ").match(/[0-9a-f]{8}-[0-9a-f-]{27}/g));
  return [...found].slice(0, 80).concat("phased", "ship", "2026-11-24");
}

/**
 * Sends random requests, one after the other, and counts what comes back.
 *
 * @param address of a server whose records may be changed and erased
 * @param requests how many
 * @param options.withLongWork whether also those that make weeks of lessons
 */
export async function fuzz(
  address: string,
  requests: number,
  seed: number,
  { withLongWork = true } = {},
): Promise<FuzzReport> {
  const random = seededRandom(seed);
  const maker = new Maker(random, await idsAt(address));
  const routes = Object.entries(ROUTES).filter(([key]) => withLongWork || !LONG_WORK.includes(key));
  const schemas = routes.map(([key, route]) => {
    const { body, query } = route as AnyRoute;
    const published = (schema: z.ZodType) => z.toJSONSchema(schema, { io: "input", unrepresentable: "any" }) as Node;
    return { key, body: body && published(body), query: query && published(query) };
  });
  const answers: Record<string, number> = {};
  const failed = new Set<string>();
  const hung = new Set<string>();
  for (let n = 0; n < requests; n++) {
    const isPage = maker.chance(0.15);
    const { key, body, query } = isPage
      ? { key: `GET ${maker.pick(PAGES)}`, body: undefined, query: undefined }
      : maker.pick(schemas);
    const [method = "GET", path = ""] = key.split(" ");
    const place = path.replace(/:\w+/g, () => encodeURIComponent(wellFormed(maker.text())));
    const asked = isPage
      ? Object.fromEntries(PAGE_QUERIES.filter(() => maker.chance(0.15)).map((name) => [name, maker.text()]))
      : ((query ? maker.value(query) : {}) as object);
    const search = new URLSearchParams(
      Object.entries(asked ?? {}).map(([name, value]): [string, string] => [name, wellFormed(String(value))]),
    );
    try {
      const response = await fetch(`${address}${place}?${search}`, {
        method,
        redirect: "manual",
        signal: AbortSignal.timeout(LONG_WORK.includes(key) ? LONG_WORK_MS : HANG_MS),
        ...(method !== "GET" && { headers: { "content-type": "application/json" } }),
        ...(body && { body: JSON.stringify(maker.value(body)) }),
      });
      await response.arrayBuffer();
      const hundred = String(Math.floor(response.status / 100));
      answers[hundred] = (answers[hundred] ?? 0) + 1;
      if (response.status >= 500) failed.add(`${response.status} ${key}`);
    } catch {
      hung.add(key);
    }
  }
  return { requests, answers, failed: [...failed], hung: [...hung] };
}

/** As it can stand in an address. */
const wellFormed = (text: string): string => text.toWellFormed();
