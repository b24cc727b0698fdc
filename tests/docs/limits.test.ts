import { describe, expect, it } from "vitest";
import { z } from "zod";
import { PARAMS } from "../../src/server/http/params.ts";
import type { AnyRoute } from "../../src/server/http/route.ts";
import { ROUTES } from "../../src/server/routes.ts";

/** Everything an endpoint takes has a limit: walked through the schemas as they are published. */

type Node = Readonly<Record<string, unknown>>;

function unlimited(node: Node, path: string): string[] {
  if ("const" in node || "enum" in node) return [];
  const parts = ["anyOf", "oneOf", "allOf"].flatMap((key) => (node[key] as Node[] | undefined) ?? []);
  if (parts.length > 0) return parts.flatMap((part) => unlimited(part, path));
  switch (node["type"]) {
    case "string":
      return "maxLength" in node || "format" in node || isShort(node["pattern"]) ? [] : [`${path}: a text`];
    case "number":
    case "integer":
      return isBounded(node) ? [] : [`${path}: a number`];
    case "array":
      return [
        ...("maxItems" in node ? [] : [`${path}: a list`]),
        ...(node["items"] ? unlimited(node["items"] as Node, `${path}[]`) : []),
      ];
    case "object":
      return [
        ...Object.entries((node["properties"] as Record<string, Node>) ?? {}).flatMap(([name, one]) =>
          unlimited(one, `${path}.${name}`),
        ),
        ...(typeof node["additionalProperties"] === "object"
          ? unlimited(node["additionalProperties"] as Node, `${path}.*`)
          : []),
      ];
    default:
      return [];
  }
}

/** A pattern without anything that repeats for ever. */
const isShort = (pattern: unknown): boolean => typeof pattern === "string" && !/[+*]|\{\d+,\}/.test(pattern);

/** Whole numbers without a bound of ours have the largest that JavaScript counts with. */
const isBounded = (node: Node): boolean =>
  (node["minimum"] !== undefined || node["exclusiveMinimum"] !== undefined) &&
  (node["maximum"] as number | undefined) !== undefined &&
  (node["maximum"] as number) < Number.MAX_SAFE_INTEGER;

const schemaOf = (schema: z.ZodType): Node =>
  z.toJSONSchema(schema, { io: "input", unrepresentable: "any" }) as unknown as Node;

describe("every text, list and number that is taken from outside", () => {
  it.each(Object.entries(ROUTES))("by %s has a limit", (_, route) => {
    const { body, query } = route as AnyRoute;
    expect([
      ...(body ? unlimited(schemaOf(body), "body") : []),
      ...(query ? unlimited(schemaOf(query), "query") : []),
    ]).toEqual([]);
  });

  it.each(Object.entries(PARAMS))("as the %s in an address has a limit", (name, { schema }) => {
    expect(unlimited(schemaOf(schema), name)).toEqual([]);
  });
});
