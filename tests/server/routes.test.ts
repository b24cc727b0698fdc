import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { Validator } from "@seriousme/openapi-schema-validator";
import { describe, expect, it } from "vitest";
import { PARAMS, type ParamName } from "../../src/server/http/params.ts";
import type { AnyRoute, RouteKey } from "../../src/server/http/route.ts";
import { ROUTES } from "../../src/server/routes.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** The map of routes: what it names is all there is, and it says so itself. */
freshDatabase("routes");

const routes = Object.entries(ROUTES) as [RouteKey, AnyRoute][];

describe("the map of routes", () => {
  it("has every endpoint there is: one file answers for all of them", () => {
    expect(readdirSync("src/pages/api")).toEqual(["[...path].ts"]);
    expect(routes.length).toBeGreaterThan(40);
  });

  it("is all that the built application answers: the framework adds one endpoint, and that one is off", () => {
    const built = readdirSync("dist/server").find((name) => name.startsWith("manifest_")) as string;
    const manifest = readFileSync(join("dist/server", built), "utf8");
    const endpoints = manifest
      .split('"routeData":')
      .map((part) => part.slice(0, part.indexOf('"segments"')))
      .filter((head) => head.includes('"type":"endpoint"'))
      .map((head) => /"route":"([^"]+)"/.exec(head)?.[1]);
    expect(endpoints.sort()).toEqual(["/_image", "/api/[...path]"]);
  });

  it.each(routes)("%s names things, and what varies in it is known", (key, { summary }) => {
    const [method, path = ""] = key.split(" ");
    expect(path).toMatch(/^\/api(\/[a-z]+(-[a-z]+)*(\.[a-z]+)?|\/:[a-z]+Id|\/:day|\/:word)+$/);
    for (const [, name] of path.matchAll(/:(\w+)/g)) expect(PARAMS[name as ParamName], name).toBeDefined();
    expect(summary).toMatch(/^[A-Z].*\.$/);
    // What reads takes no body, and what is asked for is no body either.
    if (method === "GET") expect((ROUTES as Record<string, AnyRoute>)[key]?.body).toBeUndefined();
  });

  it("an address with a wrong method says which it has; an address that is none says so", async () => {
    const wrong = await send("DELETE /api/groups" as RouteKey);
    expect(wrong.status).toBe(405);
    expect(wrong.headers.get("allow")).toBe("GET, POST");
    expect(wrong.body.error.message).toBe("This address answers GET, POST.");
    expect((await send("GET /api/nothing")).status).toBe(404);
    expect((await send("GET /api/words/%E0%A4%A" as RouteKey)).status).toBe(400);
  });

  it("of several shapes the one that was nearly met says what is wrong", async () => {
    const sent = await send("POST /api/plans/:planId/activities", {
      id: crypto.randomUUID(),
      body: { focus: [], contrasts: [], kind: "juggling", seed: 1 },
    });
    expect(sent.body.error.fields).toMatchObject([
      { field: "kind", message: expect.stringContaining("must be one of") },
    ]);
    const chain = await send("POST /api/sessions", { body: { chainId: "no id" } });
    expect(chain.body.error.fields).toMatchObject([{ field: "chainId" }]);
  });
});

describe("the OpenAPI description", () => {
  it("is valid OpenAPI 3.1 by a validator that is not ours, and has every route", async () => {
    const { body } = await send("GET /api/openapi.json");
    const { valid, errors } = await new Validator().validate(structuredClone(body));
    expect(errors ?? []).toEqual([]);
    expect(valid).toBe(true);
    expect(body.openapi).toBe("3.1.0");
    const operations = Object.values(body.paths as Record<string, object>).flatMap((path) => Object.keys(path));
    expect(operations).toHaveLength(routes.length);
  });

  it("says what is taken: the body of a new group, the query of evidence", async () => {
    const { body } = await send("GET /api/openapi.json");
    const group = body.paths["/api/groups"].post.requestBody.content["application/json"].schema;
    expect(Object.keys(group.properties).sort()).toEqual(["learners", "name", "sequenceId", "step"]);
    const asked = body.paths["/api/evidence"].get.parameters;
    expect(asked.map(({ name, required }: { name: string; required: boolean }) => [name, required])).toEqual([
      ["from", false],
      ["to", false],
      ["groupId", true],
      ["learnerId", false],
      ["way", false],
      ["position", false],
    ]);
  });
});
