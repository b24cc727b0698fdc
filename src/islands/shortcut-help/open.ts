const OPEN = "zip-step:shortcut-help";

/** Opens the list of keys, from anywhere on a page. */
export const openShortcutHelp = (): void => void dispatchEvent(new Event(OPEN));

/** Calls back whenever the list is asked for; returns what ends it. */
export function onShortcutHelpAsked(callback: () => void): () => void {
  addEventListener(OPEN, callback);
  return () => removeEventListener(OPEN, callback);
}
