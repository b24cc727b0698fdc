/**
 * A page is drawn before it listens. What is pressed in between is kept, and pressed again once that part of the page
 * listens. A file of its own, fetched before the page is drawn: scripts of the page itself come too late for it.
 */
(() => {
  const NOT_LISTENING = "astro-island[ssr]";
  const LISTENING = "astro-island:not([ssr])";
  const MOST_KEYS = 20;
  const PRESSED = "button, [role=button], [role=tab], [role=menuitem], [role=switch]";
  /** Presses by the part that does not listen yet. */
  const presses = new Map();
  let keys = [];
  const whenIdle = window.requestIdleCallback ?? ((run) => setTimeout(run, 100));

  /** All that comes with a press: a menu opens, and a tab is chosen, as the pointer goes down. */
  const press = (element) => {
    if (!element.isConnected) return;
    const at = { bubbles: true, cancelable: true, composed: true, button: 0, pointerId: 1, pointerType: "mouse" };
    element.dispatchEvent(new PointerEvent("pointerdown", at));
    element.dispatchEvent(new MouseEvent("mousedown", at));
    element.dispatchEvent(new PointerEvent("pointerup", at));
    element.dispatchEvent(new MouseEvent("mouseup", at));
    element.click();
  };

  document.addEventListener(
    "click",
    (event) => {
      const element = event.target.closest?.(PRESSED);
      const island = element?.closest(NOT_LISTENING);
      if (!island) return;
      event.preventDefault();
      event.stopPropagation();
      // Who sees nothing happen presses again, and means it once: three words must not be marked for one.
      const before = presses.get(island) ?? [];
      if (!before.includes(element)) presses.set(island, [...before, element]);
    },
    true,
  );

  document.addEventListener(
    "keydown",
    (event) => {
      // A part that listens already has taken it: it must not be done twice.
      const isHeard = document.querySelector(LISTENING) !== null;
      const isShortcut = event.target === document.body && !event.repeat;
      const isAgain = keys.some(({ key }) => key === event.key);
      if (isShortcut && !isHeard && !isAgain && keys.length < MOST_KEYS) keys.push(event);
    },
    true,
  );

  document.addEventListener(
    "astro:hydrate",
    ({ target }) => {
      const elements = presses.get(target) ?? [];
      presses.delete(target);
      // Nobody knows which part a key is meant for: it waits until all listen.
      const waiting = document.querySelector(NOT_LISTENING) ? [] : keys;
      if (waiting.length > 0) keys = [];
      // What the part does when it is first drawn comes before; it listens to keys only after that.
      setTimeout(() => {
        for (const element of elements) press(element);
      });
      whenIdle(() => {
        for (const { key, code, shiftKey, ctrlKey, metaKey, altKey } of waiting)
          document.body.dispatchEvent(
            new KeyboardEvent("keydown", { key, code, shiftKey, ctrlKey, metaKey, altKey, bubbles: true, cancelable: true }),
          );
      });
    },
    true,
  );
})();
