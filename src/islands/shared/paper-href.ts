interface Paper {
  readonly groupId: string;
  /** Words one after another, or the id of a saved chain. */
  readonly from: { readonly words: readonly string[] } | { readonly chainId: string };
  readonly title?: string | undefined;
  /** The screen that "Back" leads to, as an address of this application. */
  readonly back?: string;
}

/** The address at which words one after another are printed. */
export function paperHref({ groupId, from, title, back }: Paper): string {
  const query = new URLSearchParams({ group: groupId });
  if ("words" in from) query.set("words", from.words.join(" "));
  else query.set("chain", from.chainId);
  if (title) query.set("title", title);
  if (back) query.set("back", back);
  return `/print/words?${query}`;
}
