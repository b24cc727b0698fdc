import { csvFile } from "../http/files.ts";
import type { EvidenceReport } from "./evidence.ts";

const HEAD = ["letters", "sound", "said", "times", "chances", "low", "high"] as const;
const share = (part: number) => part.toFixed(3);

/** What was said for what as a CSV file: a line for what was right of each correspondence, then one a substitution. */
export const evidenceCsv = ({ rows }: EvidenceReport): Response =>
  csvFile("evidence", [
    HEAD,
    ...rows.flatMap(({ grapheme, phonemes, chances, wrong, interval, substitutions }) => [
      [
        grapheme,
        phonemes.join(" "),
        "right",
        chances - wrong,
        chances,
        share(1 - interval.high),
        share(1 - interval.low),
      ],
      ...substitutions.map(({ said, count }) => [
        grapheme,
        phonemes.join(" "),
        said.length === 0 ? "left out" : said.join(" "),
        count,
        chances,
        "",
        "",
      ]),
    ]),
  ]);
