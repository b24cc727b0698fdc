/** The letters of tiles in the order in which they are read: the e of a split digraph comes after the next tile. */
export function lettersOfTiles(tiles: readonly string[]): string {
  let text = "";
  let tail = "";
  for (const tile of tiles) {
    const [head = "", end = ""] = tile.split("-");
    text += head + tail;
    tail = end;
  }
  return text + tail;
}
