import Plus from "lucide-react/icons/plus";
import X from "lucide-react/icons/x";
import { useState } from "react";
import { GpcPicker } from "../../components/GpcPicker.tsx";
import { LongList } from "../../components/ui/LongList.tsx";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { counted } from "../../components/words/counted.ts";
import { lookAlikeWords, targetName } from "../../components/words/text-words.ts";
import { ENDING_IDS, gpcById, readFamilyLetters, type TextTarget, targetKey } from "../../core/light.ts";
import type { TextView } from "../../workers/text-worker.ts";

interface Props {
  readonly view: TextView;
  readonly targets: readonly TextTarget[];
  readonly onTargets: (targets: readonly TextTarget[]) => void;
  /** GPC ids, the newest first. */
  readonly choices: readonly string[];
}

const LOOK_ALIKES_SHOWN = 12;

const BY = ["gpc", "sound", "rime", "ending"] as const;
const BY_NAME = { gpc: "spelling", sound: "sound", rime: "rime", ending: "ending" } as const;

/** What is looked for in the text: each with where it stands and what only looks like it. */
export function TargetsPanel({ view, targets, onTargets, choices }: Props) {
  const [by, setBy] = useState<(typeof BY)[number]>("gpc");
  const [rime, setRime] = useState("");
  const add = (target: TextTarget) => {
    const key = targetKey(target);
    if (!targets.some((other) => targetKey(other) === key)) onTargets([...targets, target]);
  };
  const letters = readFamilyLetters(rime);
  return (
    <div className="flex flex-col gap-4 p-4">
      <div className="flex flex-col gap-2">
        <SegmentedChoice label="Look for" value={by} choices={BY} names={BY_NAME} onChange={setBy} />
        {(by === "gpc" || by === "sound") && (
          <GpcPicker
            choices={choices}
            onPick={(gpc) => add(by === "gpc" ? { by, gpc } : { by: "sound", sound: gpcById(gpc)?.phonemes ?? [] })}
          >
            <button type="button" className="button flex items-center gap-1.5">
              <Plus size={16} aria-hidden />
              {by === "gpc" ? "A spelling" : "The sound of …"}
            </button>
          </GpcPicker>
        )}
        {by === "rime" && (
          <form
            className="flex gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              if (letters) add({ by: "rime", letters });
              setRime("");
            }}
          >
            <input
              aria-label="Letters of the rime"
              className="field min-w-0 flex-1 font-learner"
              placeholder="at"
              maxLength={8}
              value={rime}
              onChange={(event) => setRime(event.target.value.toLowerCase())}
            />
            <button type="submit" className="button" disabled={!letters}>
              Look
            </button>
          </form>
        )}
        {by === "ending" && (
          <div className="flex gap-1.5">
            {ENDING_IDS.map((ending) => (
              <button key={ending} type="button" className="button" onClick={() => add({ by: "ending", ending })}>
                -{ending}
              </button>
            ))}
          </div>
        )}
      </div>
      {targets.map((target, k) => {
        const found = view.found[k];
        return (
          <section key={targetKey(target)} aria-label={targetName(target)} className="border-t border-hairline pt-2">
            <p className="flex items-center gap-2">
              <b className="min-w-0 flex-1">{targetName(target)}</b>
              <span>{counted(found?.count ?? 0, "time")}</span>
              <button
                type="button"
                aria-label={`Do not look for ${targetName(target)}`}
                className="grid size-11 place-items-center text-quiet"
                onClick={() => onTargets(targets.filter((other) => other !== target))}
              >
                <X size={16} aria-hidden />
              </button>
            </p>
            {found && found.lookAlikes.length > 0 && (
              <LongList items={found.lookAlikes} most={LOOK_ALIKES_SHOWN}>
                {(shown) => (
                  <ul className="text-[14px] text-quiet">
                    {shown.map(({ word, why }) => (
                      <li key={word}>{lookAlikeWords(word, why, target)}</li>
                    ))}
                  </ul>
                )}
              </LongList>
            )}
          </section>
        );
      })}
      {targets.length > 0 && view.pages.length > 1 && (
        <ul className="text-[14px]" aria-label="By page">
          {view.pages.map((page, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: pages have no other name than their place
            <li key={k}>
              page {k + 1}: {counted(page.targets, "time")}, {page.fitting} of {counted(page.words, "word")} fit
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
