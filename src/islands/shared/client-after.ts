import type { ClientDirective } from "astro";

/** What the screen itself is made of, as long as it does not listen yet. */
const OWN_PART = "astro-island[client=load][ssr]";
/** What a screen's own part takes at most, in milliseconds: if it never comes, the rest does. */
const LONGEST_WAIT_MS = 5000;

/**
 * `client:after`: a part that stands on many screens is fetched and made to listen once the screen's own part does and the
 * browser has nothing else to do. Astro's own `client:idle` begins while the screen's own part is being fetched, and then
 * takes its time from it.
 */
const clientAfter: ClientDirective = (load) => {
  const makeListen = async () => (await load())();
  const whenIdle = () =>
    "requestIdleCallback" in window ? requestIdleCallback(makeListen) : setTimeout(makeListen, 200);
  let hasBegun = false;
  const begin = () => {
    if (hasBegun) return;
    hasBegun = true;
    document.removeEventListener("astro:hydrate", beginAfterScreen, true);
    whenIdle();
  };
  const beginAfterScreen = () => {
    if (!document.querySelector(OWN_PART)) begin();
  };
  const wait = () => {
    document.addEventListener("astro:hydrate", beginAfterScreen, true);
    setTimeout(begin, LONGEST_WAIT_MS);
    beginAfterScreen();
  };
  // Until then parts of the page may be missing.
  if (document.readyState === "loading") document.addEventListener("DOMContentLoaded", wait, { once: true });
  else wait();
};

export default clientAfter;

declare module "astro" {
  interface AstroClientDirectives {
    "client:after"?: boolean;
  }
}
