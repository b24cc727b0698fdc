import { defineMiddleware } from "astro:middleware";

/** Addresses that screens once had: bookmarks go on to where the screen is now. */
const MOVED: Readonly<Record<string, string>> = { "/see": "/evidence", "/ears": "/ears-only" };

/** What is put together on these and not saved lives in the page alone: the browser may keep it for the way back. */
const CACHED_BY_THE_BROWSER = new Set(["/families", "/ears-only"]);

/**
 * Pages and answers are made from the records of the moment. On the way back a browser shows what it kept of a page,
 * however old; what was changed there next would overwrite what had been changed since. And learners' records are to
 * lie in no browser's cache.
 */
export const onRequest = defineMiddleware(async ({ url, redirect }, next) => {
  const moved = MOVED[url.pathname];
  if (moved !== undefined) return redirect(`${moved}${url.search}`, 301);
  const response = await next();
  if (!CACHED_BY_THE_BROWSER.has(url.pathname)) response.headers.set("cache-control", "no-store");
  return response;
});
