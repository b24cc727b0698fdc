/**
 * A page is drawn before it listens. What is pressed in between is kept, and pressed again once that part of the page
 * listens. A file of its own, fetched before the page is drawn: scripts of the page itself come too late for it.
 */
(() => {
  const NOT_LISTENING = "astro-island[ssr]";
  const LISTENING = "astro-island:not([ssr])";
  const MOST_KEYS = 20;
  /** Parts of a screen that a key may be meant for. */
  const LOADING = "astro-island[ssr][client='load']";
  const PRESSED = "button, [role=button], [role=tab], [role=menuitem], [role=switch]";
  /** Presses by the part that does not listen yet. */
  const presses = new Map();
  let keys = [];

  const press = (element) => {
    if (!element.isConnected) return;
    // A menu opens as the pointer goes down, or by this key.
    if (/menu|listbox/.test(element.getAttribute("aria-haspopup") ?? ""))
      element.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true, cancelable: true }));
    else element.click();
  };

  document.addEventListener(
    "click",
    (event) => {
      const element = event.target.closest?.(PRESSED);
      const island = element?.closest(NOT_LISTENING);
      if (!island) return;
      event.preventDefault();
      event.stopPropagation();
      presses.set(island, [...(presses.get(island) ?? []), element]);
    },
    true,
  );

  document.addEventListener(
    "keydown",
    (event) => {
      // A part that listens already has taken it: it must not be done twice.
      const isHeard = document.querySelector(LISTENING) !== null;
      const isShortcut = event.target === document.body && !event.repeat;
      if (isShortcut && !isHeard && keys.length < MOST_KEYS) keys.push(event);
    },
    true,
  );

  document.addEventListener(
    "astro:hydrate",
    ({ target }) => {
      const elements = presses.get(target) ?? [];
      presses.delete(target);
      const waiting = document.querySelector(LOADING) ? [] : keys;
      if (waiting.length > 0) keys = [];
      // What the part does when it is first drawn comes before.
      setTimeout(() => {
        for (const element of elements) press(element);
        for (const { key, code, shiftKey, ctrlKey, metaKey, altKey } of waiting)
          document.body.dispatchEvent(
            new KeyboardEvent("keydown", { key, code, shiftKey, ctrlKey, metaKey, altKey, bubbles: true, cancelable: true }),
          );
      });
    },
    true,
  );
})();
