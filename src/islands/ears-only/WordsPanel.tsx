import { Select } from "../../components/ui/Select.tsx";
import { SOURCE_NAME } from "../../components/words/oral-words.ts";
import { ORAL_SOURCES, type OralSource } from "../../core/light.ts";
import type { WordSource } from "../../server/sets/ears-only-page.ts";

interface Props {
  readonly sources: readonly WordSource[];
  readonly typed: string;
  readonly source: OralSource;
  readonly onTyped: (text: string) => void;
  readonly onSource: (source: OralSource) => void;
}

/** Today's words: from a chain or a set, or typed. */
export function WordsPanel({ sources, typed, source, onTyped, onSource }: Props) {
  const from = sources.find(({ words }) => words.join(" ") === typed);
  return (
    <section className="flex flex-col gap-2">
      <Select
        label="Today's words from"
        value={from?.id ?? ""}
        choices={sources.map(({ id }) => id)}
        nameOf={(id) => sources.find((one) => one.id === id)?.title ?? id}
        placeholder={typed === "" ? "nothing chosen" : "typed"}
        canClear
        onChange={(id) => onTyped(sources.find((one) => one.id === id)?.words.join(" ") ?? "")}
      />
      <textarea
        aria-label="Today's words"
        className="field min-h-16 font-learner text-[17px] leading-snug"
        rows={2}
        maxLength={600}
        value={typed}
        onChange={(event) => onTyped(event.target.value)}
      />
      <Select
        label="Items are made of"
        value={source}
        choices={ORAL_SOURCES}
        nameOf={(id) => SOURCE_NAME[id]}
        onChange={onSource}
      />
    </section>
  );
}
