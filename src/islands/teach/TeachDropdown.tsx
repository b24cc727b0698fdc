import { zodResolver } from "@hookform/resolvers/zod";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { z } from "zod";
import { Dialog } from "../../components/ui/Dialog.tsx";
import { Menu, MenuItem, MenuSeparator } from "../../components/ui/Menu.tsx";
import type { DefaultOpen } from "./LazyMenu.tsx";
import { SIGN_NAME, TURN_SIGNS } from "./learners-view.ts";
import type { Way } from "./lesson/displays.ts";
import * as select from "./lesson/selectors.ts";
import { LIST_PACES, type Listing, type ListPace } from "./lesson/teach-state.ts";
import { MarksList } from "./MarksList.tsx";
import { MORE_BUTTON, MORE_LABEL, MoreSign, type TeachMenuProps } from "./MoreButton.tsx";
import { useTeach, useTeachActions } from "./teach-store.ts";
import { openLearnersWindow } from "./use-learners-window.ts";
import { WayChoice } from "./WayChoice.tsx";

const LISTINGS: readonly Listing[] = ["across", "down", undefined];
const LIST_PACE_IDS = Object.keys(LIST_PACES) as ListPace[];
const LISTING_NAME = {
  across: "All the words, to read across",
  down: "All the words, to read down",
  one: "One word at a time",
} as const;

const PACE_NAME = {
  slow: `Read it slowly: a word every ${LIST_PACES.slow} seconds`,
  fast: "Read it fast: a word every second",
  own: "Go on by hand",
} as const;

/** The menu itself, with the button that opens it. */
export default function TeachDropdown(props: TeachMenuProps & DefaultOpen) {
  const { sessionId, dispatch } = useTeachActions();
  const [isWayOpen, setWayOpen] = useState(false);
  const [adding, setAdding] = useState(false);
  const [refusal, setRefusal] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [isListed, setListed] = useState(false);
  const add = async (words: readonly string[], comes: "next" | "last") => {
    setBusy(true);
    const why = await props.onAdd(words, comes);
    setBusy(false);
    setRefusal(why);
    setAdding(why !== undefined);
  };
  return (
    <>
      <Menu
        button={<MoreSign />}
        buttonClassName={MORE_BUTTON}
        label={MORE_LABEL}
        align="end"
        defaultOpen={props.defaultOpen}
        // The keys of the lesson do not reach through an open menu; the focus goes back to the page after it.
        returnsFocusToPage
      >
        <MenuItem isDisabled={!props.canAdd} onSelect={() => setAdding(true)}>
          Add a word…
        </MenuItem>
        <MenuItem
          isDisabled={!props.canAdd || props.wentWrong.length === 0}
          onSelect={() => void add(props.wentWrong, "last")}
        >
          Again: {props.wentWrong.length > 0 ? props.wentWrong.join(", ") : "nothing went wrong"}
        </MenuItem>
        <MenuItem isDisabled={!props.canShuffle} onSelect={props.onShuffle}>
          Shuffle what is to come
        </MenuItem>
        <MenuItem isDisabled={!props.canDrop} onSelect={props.onDrop}>
          Leave this one out
        </MenuItem>
        <MenuItem isDisabled={!props.onSkip} onSelect={() => props.onSkip?.()}>
          Leave this activity out
        </MenuItem>
        <MenuItem onSelect={() => setListed(true)}>All marks of this lesson…</MenuItem>
        <MenuSeparator />
        <OnPhone onWay={() => setWayOpen(true)} />
        <MenuItem isDisabled={!props.canBuild} onSelect={props.onBuild}>
          {props.building ? "Read it, without tiles" : "Build it with tiles"}
        </MenuItem>
        {LISTINGS.filter((way) => way !== props.listing).map((way) => (
          <MenuItem key={way ?? "one"} isDisabled={!props.canList} onSelect={() => props.onListing(way)}>
            {LISTING_NAME[way ?? "one"]}
          </MenuItem>
        ))}
        {props.listing &&
          ([...LIST_PACE_IDS, undefined] as const)
            .filter((pace) => pace !== props.listPace)
            .map((pace) => (
              <MenuItem key={pace ?? "own"} isDisabled={!props.canList} onSelect={() => props.onListPace(pace)}>
                {PACE_NAME[pace ?? "own"]}
              </MenuItem>
            ))}
        <MenuItem onSelect={props.onDark}>{props.dark ? "Light room on the wall" : "Dark room on the wall"}</MenuItem>
        {/* In a tab of its own: the lesson stays where it is. */}
        <MenuItem onSelect={() => window.open(`/teach/${sessionId}/paper`, "_blank", "noopener")}>
          Mark from paper…
        </MenuItem>
        <MenuItem isDisabled={!props.paper} onSelect={() => window.open(props.paper, "_blank", "noopener")}>
          Print these words…
        </MenuItem>
      </Menu>
      <Dialog title="How words are worked" open={isWayOpen} onOpenChange={setWayOpen}>
        <WayOfWords onWay={(way) => dispatch({ type: "way", way })} />
      </Dialog>
      {isListed && <MarksList onClose={() => setListed(false)} />}
      <Dialog
        title="Add a word"
        open={adding}
        onOpenChange={(open) => {
          setAdding(open);
          setRefusal(undefined);
        }}
      >
        <WordForm busy={busy} refusal={refusal} onWords={(words) => void add(words, "next")} />
      </Dialog>
    </>
  );
}

/** What stands on the screen itself where there is room for it. */
function OnPhone({ onWay }: { readonly onWay: () => void }) {
  const { sessionId, dispatch } = useTeachActions();
  const sign = useTeach(select.turnSign);
  const isWord = useTeach((state) => select.display(state)?.kind === "word");
  const showChange = useTeach((state) => state.showChange);
  return (
    <div className="sm:hidden">
      {TURN_SIGNS.filter((one) => one !== sign).map((one) => (
        <MenuItem key={one} onSelect={() => dispatch({ type: "turn-sign", sign: one })}>
          {SIGN_NAME[one]}
        </MenuItem>
      ))}
      <MenuItem isDisabled={!isWord} onSelect={onWay}>
        Tapping and blending…
      </MenuItem>
      <MenuItem isDisabled={!isWord} onSelect={() => dispatch({ type: "toggle", what: "showChange" })}>
        {showChange ? "Hide what changed" : "Show what changed"}
      </MenuItem>
      <MenuItem onSelect={() => openLearnersWindow(sessionId)}>Learners' view</MenuItem>
      <MenuSeparator />
    </div>
  );
}

function WayOfWords({ onWay }: { readonly onWay: (way: Way) => void }) {
  const way = useTeach(select.way);
  return (
    <p className="mt-3">
      <WayChoice way={way} onWay={onWay} />
    </p>
  );
}

const wordsSchema = z.object({ typed: z.string().transform((typed) => typed.split(/[\s,]+/).filter(Boolean)) });

function WordForm(props: {
  readonly busy: boolean;
  readonly refusal: string | undefined;
  readonly onWords: (words: readonly string[]) => void;
}) {
  const { register, handleSubmit } = useForm({ resolver: zodResolver(wordsSchema), defaultValues: { typed: "" } });
  return (
    <form onSubmit={handleSubmit(({ typed }) => typed.length > 0 && props.onWords(typed.map((w) => w.toLowerCase())))}>
      <div className="mt-3 flex gap-2">
        <input
          {...register("typed")}
          aria-label="Word"
          className="field flex-1 font-learner text-[22px]"
          autoComplete="off"
          spellCheck={false}
          maxLength={60}
        />
        <button type="submit" className="button button-main" disabled={props.busy}>
          Next word
        </button>
      </div>
      <p role="alert" className="mt-2 min-h-6 text-again">
        {props.refusal}
      </p>
    </form>
  );
}
