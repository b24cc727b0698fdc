const OPEN = "zip-step:word-card";

export interface WordCardRequest {
  readonly word: string;
  /** The group whose taught set the card is about, where it is not the page's own. */
  readonly groupId?: string | undefined;
}

/** Opens the card of a word, from anywhere on a page. */
export function openWordCard(word: string, groupId?: string): void {
  dispatchEvent(new CustomEvent<WordCardRequest>(OPEN, { detail: { word, groupId } }));
}

/** Calls back whenever a card is asked for; returns what ends it. */
export function onWordCardAsked(callback: (request: WordCardRequest) => void): () => void {
  const listen = (event: Event) => callback((event as CustomEvent<WordCardRequest>).detail);
  addEventListener(OPEN, listen);
  return () => removeEventListener(OPEN, listen);
}
