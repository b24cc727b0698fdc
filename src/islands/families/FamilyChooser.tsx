import X from "lucide-react/icons/x";
import { type ReactNode, useCallback, useState } from "react";
import { SegmentedChoice } from "../../components/ui/SegmentedChoice.tsx";
import { familyName } from "../../components/words/family-names.ts";
import { familySound, noFamilyWords } from "../../components/words/family-words.ts";
import { gpcLetters, soundName } from "../../components/words/sounds.ts";
import {
  FAMILY_KINDS,
  type Family,
  type FamilyKind,
  type FamilyRules,
  familyId,
  MOST_FAMILIES,
  type NoFamily,
} from "../../core/light.ts";
import type { LearnerSubstitution } from "../../server/sets/families-page.ts";
import type { SetsWorkerClient } from "../shared/sets-worker-client.ts";
import { useAnswer } from "../shared/use-answer.ts";

const kindName = (name: string, example: string) => (
  <span className="block py-1 text-left leading-tight">
    <b className="block">{name}</b>
    <span className="font-normal text-[13px]">{example}</span>
  </span>
);
const KIND_NAME = {
  rime: kindName("Same ending", "-at: cat, hat"),
  body: kindName("Same start", "ca-: cat, cap"),
} as const satisfies Readonly<Record<FamilyKind, ReactNode>>;

interface Props {
  readonly worker: SetsWorkerClient;
  readonly kind: FamilyKind;
  readonly families: readonly Family[];
  readonly rules: FamilyRules;
  readonly substitutions: readonly LearnerSubstitution[];
  readonly onKind: (kind: FamilyKind) => void;
  readonly onAdd: (family: Family) => void;
  readonly onFamilies: (families: readonly Family[]) => void;
}

const RICH_SHOWN = 24;

/** Chooses rimes or bodies: typed, called for by the records, or the richest with what is taught. */
export function FamilyChooser(props: Props) {
  const { worker, kind, families, rules, substitutions, onAdd, onFamilies } = props;
  const [typed, setTyped] = useState("");
  const [refusal, setRefusal] = useState<NoFamily>();
  const [others, setOthers] = useState<readonly Family[]>([]);
  const askRich = useCallback(() => worker.ask((api) => api.rich(kind, rules)), [worker, kind, rules]);
  const askRecommended = useCallback(
    () => worker.ask((api) => api.recommended(substitutions, rules)),
    [worker, substitutions, rules],
  );
  const rich = useAnswer(askRich);
  const recommended = useAnswer(askRecommended) ?? [];
  const isFull = families.length >= MOST_FAMILIES;

  const add = async () => {
    const found = await worker.ask((api) => api.find(kind, { letters: typed }, rules)).catch(() => undefined);
    if (!found) return;
    setRefusal(found.ok ? undefined : found.reason);
    setOthers(found.ok ? found.others : []);
    if (!found.ok) return;
    onAdd(found.family);
    setTyped("");
  };
  const take = (family: Family) => {
    setRefusal(undefined);
    onAdd(family);
  };

  return (
    <div className="flex flex-col gap-5 p-4">
      <section>
        <SegmentedChoice
          label="What the words share"
          value={kind}
          choices={FAMILY_KINDS}
          names={KIND_NAME}
          onChange={props.onKind}
        />
        <form
          className="mt-3 flex gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void add();
          }}
        >
          <input
            aria-label={kind === "rime" ? "A rime" : "A body"}
            className="field font-learner"
            placeholder={kind === "rime" ? "-at" : "ca-"}
            value={typed}
            maxLength={12}
            onChange={(event) => {
              setTyped(event.target.value);
              setRefusal(undefined);
            }}
          />
          <button type="submit" className="button" disabled={isFull}>
            Add
          </button>
        </form>
        {refusal && (
          <div role="alert" className="mt-2 rounded-lg bg-again-soft p-3 text-[14px]">
            <p>{noFamilyWords(refusal)}</p>
            <p className="mt-2 flex flex-wrap gap-1.5">
              {refusal.nearest.map((family) => (
                <FamilyButton key={familyId(family)} family={family} onPress={() => take(family)} />
              ))}
            </p>
          </div>
        )}
        {others.length > 0 && (
          <p className="mt-2 flex flex-wrap items-center gap-1.5 text-[14px] text-quiet">
            Also said
            {others.map((family) => (
              <FamilyButton key={familyId(family)} family={family} sound onPress={() => take(family)} />
            ))}
          </p>
        )}
      </section>

      {families.length > 0 && (
        <section>
          <h2 className="label mb-1.5">Chosen</h2>
          <ul className="flex flex-wrap gap-1.5">
            {families.map((family) => (
              <li
                key={familyId(family)}
                className="flex items-center rounded-lg border border-ink bg-sheet pl-2.5 font-learner text-[17px]"
              >
                {familyName(family)}
                <button
                  type="button"
                  aria-label={`Take ${familyName(family)} out`}
                  className="grid size-11 place-items-center text-quiet hover:text-ink"
                  onClick={() => onFamilies(families.filter((other) => other !== family))}
                >
                  <X size={15} aria-hidden />
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}

      {recommended.length > 0 && (
        <section>
          <h2 className="label mb-1.5">The records call for</h2>
          <ul className="flex flex-col gap-1.5">
            {recommended.map(({ substitution, family, beside }) => (
              <li key={familyId(family)}>
                <button
                  type="button"
                  className="field"
                  onClick={() => onFamilies(beside ? [family, beside] : [family])}
                >
                  <b className="font-learner text-[17px] font-normal">
                    {familyName(family)}
                    {beside && ` beside ${familyName(beside)}`}
                  </b>
                  <span className="block text-[13px] text-quiet">
                    {substitution.learner}: {gpcLetters(substitution.gpc)} said {soundName(substitution.said)},{" "}
                    {substitution.times} of {substitution.chances}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}

      <section>
        <h2 className="label mb-1.5">Most words with what is taught</h2>
        {rich?.length === 0 && (
          <p className="text-[14px] text-quiet">
            No family has two words yet. Move the group on, or tick more as taught.
          </p>
        )}
        <ul className="flex flex-wrap gap-1.5">
          {rich?.slice(0, RICH_SHOWN).map(({ family, words }) => (
            <li key={familyId(family)}>
              <FamilyButton
                family={family}
                count={words.length}
                pressed={families.some((other) => familyId(other) === familyId(family))}
                onPress={() => take(family)}
              />
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

function FamilyButton(props: {
  family: Family;
  count?: number;
  sound?: boolean;
  pressed?: boolean;
  onPress: () => void;
}) {
  const { family, count, sound, pressed } = props;
  return (
    <button
      type="button"
      aria-pressed={pressed}
      disabled={pressed}
      className="min-h-11 min-w-11 rounded-lg border border-rule bg-sheet px-2 font-learner text-[16px] hover:border-tape disabled:border-ink"
      onClick={props.onPress}
    >
      {familyName(family)}
      {sound && <span className="ml-1 font-sans text-[13px] text-quiet">{familySound(family)}</span>}
      {count !== undefined && <span className="ml-1.5 font-sans text-[13px] tabular-nums text-quiet">{count}</span>}
    </button>
  );
}
