/** Short forms that are no words to be read by their sounds; a stop after them ends no sentence. From memory. */
export const ABBREVIATIONS: ReadonlySet<string> = new Set(
  "mr mrs ms dr st prof rev etc eg ie vs no nos ft oz lb lbs kg cm mm km ml jan feb apr aug sept oct nov dec".split(
    " ",
  ),
);
