/** How long a press has to last. */
const HOLD_MS = 500;
/** A finger that moves this far is scrolling or dragging. */
const STILL_PX = 10;

type Open = (word: string, groupId?: string) => void;

const wordAt = (target: EventTarget | null) =>
  target instanceof Element ? target.closest<HTMLElement>("[data-word]") : null;
const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement;

/**
 * Watches a page for words: every element with `data-word` opens its card when it is pressed and held, or when
 * `?` is typed while it holds the focus, is under the pointer, or is the page's `data-current-word`.
 *
 * @param onNoWord `?` was typed where there is no word
 * @returns what ends the watching
 */
export function watchWords(open: Open, onNoWord: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let from = { x: 0, y: 0 };
  let hovered: HTMLElement | null = null;
  let swallowClick = false;
  const show = (element: HTMLElement) => {
    const { word } = element.dataset;
    if (word) open(word, element.closest<HTMLElement>("[data-group]")?.dataset["group"]);
  };
  const stop = () => clearTimeout(timer);

  const onDown = (event: PointerEvent) => {
    stop();
    swallowClick = false;
    const element = wordAt(event.target);
    const isHandle = event.target instanceof Element && event.target.closest("[data-no-hold]") !== null;
    if (!element || isHandle || event.button !== 0 || isTyping(event.target)) return;
    from = { x: event.clientX, y: event.clientY };
    timer = setTimeout(() => {
      swallowClick = true;
      show(element);
    }, HOLD_MS);
  };
  const onMove = (event: PointerEvent) => {
    if (Math.hypot(event.clientX - from.x, event.clientY - from.y) > STILL_PX) stop();
  };
  const onOver = (event: PointerEvent) => {
    hovered = wordAt(event.target);
  };
  // The press that opened the card is not a press on the word as well.
  const onClick = (event: MouseEvent) => {
    if (!swallowClick) return;
    swallowClick = false;
    event.preventDefault();
    event.stopPropagation();
  };
  // A long touch brings up the browser's own menu otherwise.
  const onMenu = (event: Event) => {
    if (swallowClick && wordAt(event.target)) event.preventDefault();
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.key !== "?" || isTyping(event.target)) return;
    const element =
      wordAt(document.activeElement) ??
      hovered ??
      document.querySelector<HTMLElement>("[data-word][data-current-word]");
    event.preventDefault();
    if (element) show(element);
    else onNoWord();
  };

  const ends = new AbortController();
  const { signal } = ends;
  addEventListener("pointerdown", onDown, { signal });
  addEventListener("pointermove", onMove, { signal });
  addEventListener("pointerover", onOver, { signal });
  addEventListener("pointerup", stop, { signal });
  addEventListener("pointercancel", stop, { signal });
  addEventListener("click", onClick, { signal, capture: true });
  addEventListener("contextmenu", onMenu, { signal });
  addEventListener("keydown", onKey, { signal });
  return () => {
    stop();
    ends.abort();
  };
}
