import ArrowDown from "lucide-react/icons/arrow-down";
import ArrowUp from "lucide-react/icons/arrow-up";
import X from "lucide-react/icons/x";
import { Select } from "../../components/ui/Select.tsx";
import { SKILL_NAME } from "../../components/words/oral-words.ts";
import { MOST_ITEMS, MOST_PARTS, ORAL_SKILLS } from "../../core/light.ts";
import { type EarsPart, emptyPart } from "./oral-set-state.ts";

interface Props {
  readonly parts: readonly EarsPart[];
  readonly onParts: (parts: readonly EarsPart[]) => void;
}

/** The skills of the sheet in order, each with its number of items. */
export function SkillList({ parts, onParts }: Props) {
  const move = (from: number, to: number) => {
    const next = [...parts];
    const [part] = next.splice(from, 1);
    if (part) next.splice(to, 0, part);
    onParts(next);
  };
  const setCount = (at: number, count: number) =>
    onParts(parts.map((part, k) => (k === at ? emptyPart(part.skill, count) : part)));
  return (
    <section>
      <h2 className="label mb-1.5">Skills, in order</h2>
      <ul className="flex flex-col">
        {parts.map(({ skill, count }, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a skill may stand twice; its place is what it is
          <li key={`${k} ${skill}`} className="flex min-h-11 items-center gap-1 border-b border-hairline">
            <span className="min-w-0 flex-1 leading-tight">{SKILL_NAME[skill]}</span>
            <input
              type="number"
              aria-label={`Items: ${SKILL_NAME[skill]}`}
              className="h-11 w-14 rounded-lg border border-rule bg-sheet px-2 tabular-nums"
              min={1}
              max={MOST_ITEMS}
              value={count}
              onChange={(event) => setCount(k, Number(event.target.value))}
            />
            <IconPress name={`${SKILL_NAME[skill]} earlier`} disabled={k === 0} onPress={() => move(k, k - 1)}>
              <ArrowUp size={15} aria-hidden />
            </IconPress>
            <IconPress
              name={`${SKILL_NAME[skill]} later`}
              disabled={k === parts.length - 1}
              onPress={() => move(k, k + 1)}
            >
              <ArrowDown size={15} aria-hidden />
            </IconPress>
            <IconPress
              name={`Take ${SKILL_NAME[skill]} out`}
              disabled={false}
              onPress={() => onParts(parts.filter((_, n) => n !== k))}
            >
              <X size={15} aria-hidden />
            </IconPress>
          </li>
        ))}
      </ul>
      {parts.length < MOST_PARTS && (
        <Select
          label="Add a skill"
          labelPlace="hidden"
          className="button mt-2 w-full"
          value=""
          choices={ORAL_SKILLS}
          nameOf={(skill) => SKILL_NAME[skill]}
          placeholder="+ Add a skill"
          onChange={(skill) => onParts([...parts, emptyPart(skill)])}
        />
      )}
    </section>
  );
}

function IconPress(props: { name: string; disabled: boolean; onPress: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      aria-label={props.name}
      title={props.name}
      disabled={props.disabled}
      className="grid size-11 place-items-center rounded text-quiet hover:text-ink disabled:opacity-30"
      onClick={props.onPress}
    >
      {props.children}
    </button>
  );
}
