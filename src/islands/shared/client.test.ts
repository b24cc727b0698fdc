import { afterEach, describe, expect, it, vi } from "vitest";
import { call, RequestError } from "./client.ts";

/** What the browser is asked to send, and what comes back. */
function answering(response: () => Response | Promise<Response>) {
  const asked = vi.fn((_path: string, _init: RequestInit) => Promise.resolve(response()));
  vi.stubGlobal("fetch", asked);
  return () => asked.mock.calls[0]?.[1] as RequestInit;
}
const refused = (code: string) =>
  new Response(JSON.stringify({ error: { code, message: "Not so.", hint: "Do this." } }), { status: 400 });
const failure = (asked: Promise<unknown>) =>
  asked.then(
    () => undefined,
    (error: unknown) => error as RequestError,
  );

afterEach(() => vi.unstubAllGlobals());

describe("a call of an endpoint", () => {
  it("gives the answer; its content type is named even without a body", async () => {
    const init = answering(() => new Response('{"minutes":20}'));
    expect(await call("GET /api/groups/:groupId/plan", { params: { groupId: "1 2" } })).toEqual({ minutes: 20 });
    expect(init()).toEqual({ method: "GET", headers: { "content-type": "application/json" } });
  });

  it("puts parameters and what is asked for into the address, and leaves out what is not asked for", async () => {
    const asked = vi.fn((_path: string, _init: RequestInit) => Promise.resolve(new Response("{}")));
    vi.stubGlobal("fetch", asked);
    await call("GET /api/groups/:groupId/plan", { params: { groupId: "a/b c" } });
    await call("GET /api/evidence", { query: { groupId: "1", learnerId: undefined, way: "built" } });
    expect(asked.mock.calls.map(([path]) => path)).toEqual([
      "/api/groups/a%2Fb%20c/plan",
      "/api/evidence?groupId=1&way=built",
    ]);
  });

  it("is known for the same when it is pressed twice, and for another once something else was asked for", async () => {
    const asked = vi.fn((_path: string, _init: RequestInit) => Promise.resolve(new Response("{}")));
    vi.stubGlobal("fetch", asked);
    const make = (name: string) => call("POST /api/templates", { body: { name, groupId: "1" } });
    await Promise.all([make("a"), make("a")]);
    await make("b");
    await make("a");
    const keys = asked.mock.calls.map(([, init]) => (init.headers as Record<string, string>)["idempotency-key"]);
    expect(keys[1]).toBe(keys[0]);
    expect(new Set(keys).size).toBe(3);
  });

  it("outlives its page when asked to, unless it is more than browsers let outlive it", async () => {
    const small = answering(() => new Response("{}"));
    await call("PUT /api/school", { body: { never: ["bath"] } as never, outlive: true });
    expect(small().keepalive).toBe(true);
    expect(small().body).toBe('{"never":["bath"]}');
    const large = answering(() => new Response("{}"));
    await call("PUT /api/school", { body: { never: ["x".repeat(70_000)] } as never, outlive: true });
    expect(large().keepalive).toBeUndefined();
    expect(String(large().body).length).toBeGreaterThan(70_000);
  });

  it("a refusal says what happened and what to do, and is not to be sent again", async () => {
    answering(() => refused("invalid"));
    const error = await failure(call("PUT /api/school", { body: {} as never }));
    expect(error).toBeInstanceOf(RequestError);
    expect(error?.message).toBe("Not so. Do this.");
    expect(error?.passing).toBe(false);
  });

  it("the server's own trouble and a server that is away pass", async () => {
    for (const code of ["internal", "folder-in-use"]) {
      answering(() => refused(code));
      expect((await failure(call("PUT /api/school", { body: {} as never })))?.passing, code).toBe(true);
    }
    answering(() => Promise.reject(new TypeError("Failed to fetch")));
    const away = await failure(call("PUT /api/school", { body: {} as never }));
    expect([away?.passing, away?.refusal]).toEqual([true, undefined]);
    expect(away?.message).toContain("Nothing is lost");
    // An answer that is none of ours, as from a machine between.
    answering(() => new Response("<h1>Bad gateway</h1>", { status: 502 }));
    expect((await failure(call("GET /api/groups")))?.passing).toBe(true);
  });
});
