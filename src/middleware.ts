import { defineMiddleware } from "astro:middleware";
import type { APIContext, MiddlewareNext } from "astro";
import { setSoundWriting } from "./components/words/sounds.ts";
import { database } from "./server/db/application-database.ts";
import { drawReadingOnce } from "./server/db/read-once.ts";
import { CLOSED_POLICY, pagePolicy } from "./server/door/security-headers.ts";
import { logError } from "./server/http/log-error.ts";
import { scriptImports, withScriptsNamed } from "./server/http/named-scripts.ts";
import { getSchool } from "./server/school/school.ts";

/** Addresses that screens once had: bookmarks go on to where the screen is now. */
const MOVED: Readonly<Record<string, string>> = { "/see": "/evidence", "/ears": "/ears-only" };

/** What is put together on these and not saved lives in the page alone: the browser may keep it for the way back. */
const CACHED_BY_THE_BROWSER = new Set(["/families", "/ears-only"]);

const POLICY = "content-security-policy";

/** Every page writes sounds as the school does; one that says that something is wrong is drawn all the same. */
async function chooseSoundWriting(): Promise<void> {
  try {
    const { soundStyle, accent } = await getSchool(await database());
    setSoundWriting({ style: soundStyle, accent: accent.accent });
  } catch {
    // The page itself says what is wrong with the records.
  }
}

/** The page with the scripts of its own parts named in its head. */
async function withScripts(page: Response): Promise<Response> {
  const html = withScriptsNamed(await page.text(), scriptImports());
  const named = new Response(html, page);
  // It is longer now: a browser would leave out its end.
  if (page.headers.has("content-length")) named.headers.set("content-length", String(Buffer.byteLength(html)));
  return named;
}

const isEndpoint = ({ url }: APIContext) => url.pathname.startsWith("/api/");

/**
 * Pages and answers are made from the records of the moment. On the way back a browser shows what it kept of a page,
 * however old; what was changed there next would overwrite what had been changed since. And learners' records are to
 * lie in no browser's cache.
 */
async function answer(context: APIContext, next: MiddlewareNext): Promise<Response> {
  const { url, redirect, rewrite } = context;
  const moved = MOVED[url.pathname];
  if (moved !== undefined) return redirect(`${moved}${url.search}`, 301);
  let response: Response;
  if (!isEndpoint(context)) await chooseSoundWriting();
  try {
    response = await next();
    // A screen that has nothing to show says so without a word: the page that does is drawn here, under its own policy.
    if (response.status === 404 && response.body === null) response = await rewrite("/404");
  } catch (error) {
    logError(error);
    response = await rewrite("/500");
  }
  const isPage = response.headers.get("content-type")?.startsWith("text/html") ?? false;
  if (isPage && response.body) response = await withScripts(response);
  if (!CACHED_BY_THE_BROWSER.has(url.pathname)) response.headers.set("cache-control", "no-store");
  // The framework knows the hashes of the scripts it writes into a page from when it was built.
  const hashes = response.headers.get(POLICY)?.match(/sha256-[\w+/=]+/g) ?? [];
  response.headers.set(POLICY, isPage ? pagePolicy(hashes) : CLOSED_POLICY);
  return response;
}

export const onRequest = defineMiddleware((context, next) =>
  isEndpoint(context) ? answer(context, next) : drawReadingOnce(() => answer(context, next)),
);
