import { counted } from "./counted.ts";

/** How many marks wait, as the outbox tells it. */
interface Waiting {
  readonly waiting: number;
  readonly onlyHere: number;
  readonly elsewhere: number;
  readonly refused: readonly string[];
  readonly late: number;
}

/** What is said of marks that the browser would not keep. @param count how many, from 1 */
export const onlyHereText = (count: number): string =>
  `${counted(count, "mark")} only on this page: this browser keeps nothing. Leave the page open until ${count === 1 ? "it is" : "they are"} stored.`;

/** Lines that say which marks are not stored yet, and what to do; none when all are. */
export function waitingText({ waiting, onlyHere, elsewhere, refused, late }: Waiting): string[] {
  const inBrowser = waiting - onlyHere;
  const isOne = (count: number, one: string, more: string) => (count === 1 ? one : more);
  return [
    ...(inBrowser > 0
      ? [
          `${counted(inBrowser, "mark")} not stored yet: kept in this browser and sent by ${isOne(inBrowser, "itself", "themselves")}.`,
        ]
      : []),
    ...(onlyHere > 0 ? [onlyHereText(onlyHere)] : []),
    ...(elsewhere > 0
      ? [
          `${counted(elsewhere, "mark")} of another data folder: kept in this browser until Zip Step runs with that folder again.`,
        ]
      : []),
    ...(late > 0
      ? [`${counted(late, "mark")} came after the lesson had been ended: stored with it all the same.`]
      : []),
    ...(refused.length > 0
      ? [`${counted(refused.length, "mark")} could not be stored: ${[...new Set(refused)].join(" ")}`]
      : []),
  ];
}
