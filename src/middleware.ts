import { defineMiddleware } from "astro:middleware";

/** What is put together on these and not saved lives in the page alone: the browser may keep it for the way back. */
const KEPT_BY_THE_BROWSER = new Set(["/families", "/ears"]);

/**
 * Pages and answers are made from the records of the moment. On the way back a browser shows what it kept of a page,
 * however old; what was changed there next would overwrite what had been changed since. And learners' records are to
 * lie in no browser's cache.
 */
export const onRequest = defineMiddleware(async ({ url }, next) => {
  const response = await next();
  if (!KEPT_BY_THE_BROWSER.has(url.pathname)) response.headers.set("cache-control", "no-store");
  return response;
});
