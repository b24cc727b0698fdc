import type { OralItem, OralItemFault, SchoolSettings } from "../../core/light.ts";
import { AppError } from "../http/errors.ts";
import { askWords } from "../words/pool.ts";

function faultText(fault: OralItemFault): string {
  switch (fault.code) {
    case "not-true":
      return `"${fault.key}" has more or less than one sound's difference`;
    case "unsuitable":
      return `"${fault.word}" is kept out of this school`;
    case "sounds-unsuitable":
      return `"${fault.text}" said aloud is a word that is kept out`;
    case "not-that-word":
      return `"${fault.text}" is no word that is said so`;
  }
}

/** Ears-only items are kept only when they are true and may be said, whoever sends them. @throws AppError "invalid" */
export async function refuseOralItems(items: readonly OralItem[], school: SchoolSettings): Promise<void> {
  const { accent, never, allowLists } = school;
  const judged = await Promise.all(items.map((item) => askWords("judgeOralItem", item, { accent, never, allowLists })));
  const faults = judged.flatMap((fault) => fault ?? []);
  if (faults.length > 0)
    throw new AppError(
      "invalid",
      "An item is not what it says by its sounds, or not to be said in a class.",
      faults.map((fault) => ({ field: "items", message: faultText(fault) })),
    );
}
