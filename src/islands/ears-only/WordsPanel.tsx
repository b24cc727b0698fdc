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
      <label>
        <span className="label mb-1">Today's words from</span>
        <select
          className="field"
          value={from?.id ?? ""}
          onChange={(event) => onTyped(sources.find(({ id }) => id === event.target.value)?.words.join(" ") ?? "")}
        >
          <option value="">{typed === "" ? "nothing chosen" : "typed"}</option>
          {sources.map(({ id, title }) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </select>
      </label>
      <textarea
        aria-label="Today's words"
        className="field min-h-16 font-learner text-[17px] leading-snug"
        rows={2}
        maxLength={600}
        value={typed}
        onChange={(event) => onTyped(event.target.value)}
      />
      <label>
        <span className="label mb-1">Items are made of</span>
        <select className="field" value={source} onChange={(event) => onSource(event.target.value as OralSource)}>
          {ORAL_SOURCES.map((id) => (
            <option key={id} value={id}>
              {SOURCE_NAME[id]}
            </option>
          ))}
        </select>
      </label>
    </section>
  );
}
