import { useState } from "react";
import { toast } from "sonner";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { saidDay } from "../../components/words/dates.ts";
import { gpcName } from "../../components/words/gpc-name.ts";
import { gpcLetters } from "../../components/words/sounds.ts";
import type { CardPack, MasteryRule } from "../../core/light.ts";
import type { LearnerPacks, PacksPage } from "../../server/groups/packs-page.ts";
import { call } from "../shared/client.ts";

type Kind = "sounds" | "words";
const KIND_NAME: Readonly<Record<Kind, string>> = { sounds: "Sound cards", words: "Words learnt whole" };

interface Props extends Pick<PacksPage, "group" | "packs"> {
  readonly mastery: MasteryRule;
}

/** Each learner's cards: those at hand, those that are known, those to be looked at again. */
export default function Packs({ group, packs, mastery }: Props) {
  const [busy, setBusy] = useState(false);
  const start = async (learnerId: string, pack: Kind) => {
    setBusy(true);
    try {
      const session = await call("POST /api/sessions", { body: { groupId: group.id, learnerId, pack } });
      location.assign(`/teach/${session.id}`);
    } catch (error) {
      setBusy(false);
      toast.error((error as Error).message);
    }
  };
  return (
    <main className="mx-auto max-w-6xl px-5 py-6">
      <h1 className="text-2xl font-bold">{group.name}: packs</h1>
      <p className="mt-1 text-quiet">
        A card that is right {mastery.right} times of the last {mastery.of}, on {mastery.days} days or more, leaves the
        pack and the next one comes in. It is looked at again after 7, 14, 30 and 60 days.
      </p>
      {packs.length === 0 && (
        <p className="mt-8 rounded-xl border border-rule bg-sheet p-8 text-center text-quiet">
          Nobody is in this group yet. Add learners on the Groups page.
        </p>
      )}
      {packs.map((one) => (
        <section
          key={one.learner.id}
          aria-label={one.learner.nickname}
          className="mt-4 rounded-xl border border-rule bg-sheet"
        >
          <h2 className="border-b border-hairline px-4 py-2 text-lg font-bold">{one.learner.nickname}</h2>
          <div className="grid sm:grid-cols-2">
            {(["sounds", "words"] as const).map((kind) => (
              <PackOf
                key={kind}
                kind={kind}
                pack={one[kind]}
                learner={one.learner}
                busy={busy}
                onStart={() => void start(one.learner.id, kind)}
              />
            ))}
          </div>
        </section>
      ))}
      <Toasts />
    </main>
  );
}

function PackOf(props: {
  kind: Kind;
  pack: CardPack;
  learner: LearnerPacks["learner"];
  busy: boolean;
  onStart: () => void;
}) {
  const { kind, pack } = props;
  const name = (card: string): Card =>
    kind === "sounds" ? { card, text: gpcLetters(card), title: gpcName(card) } : { card, text: card, title: card };
  const known = pack.resting.length + pack.due.length;
  const empty = pack.pack.length + pack.due.length === 0;
  return (
    <div className="flex flex-col gap-2 border-hairline px-4 py-3 max-sm:even:border-t sm:even:border-l">
      <div className="flex items-center justify-between gap-3">
        <h3 className="font-semibold">{KIND_NAME[kind]}</h3>
        <button
          type="button"
          className="button"
          disabled={props.busy || empty}
          aria-label={`Go through the ${KIND_NAME[kind].toLowerCase()} of ${props.learner.nickname}`}
          onClick={props.onStart}
        >
          Go through
        </button>
      </div>
      {pack.due.length > 0 && <Cards label="To look at again" cards={pack.due.map(name)} strong />}
      <Cards label="In the pack" cards={pack.pack.map(name)} />
      <p className="text-[14px] text-quiet">
        {known} known · {pack.waiting.length} waiting
        {pack.resting[0] &&
          ` · next looked at again on ${saidDay(pack.resting.map(({ on }) => on).sort()[0] as string, "day")}`}
      </p>
    </div>
  );
}

interface Card {
  readonly card: string;
  readonly text: string;
  readonly title: string;
}

/** Two cards with the same letters are told apart by a word. */
const namedTwice = (cards: readonly Card[], { text }: Card): boolean =>
  cards.filter((other) => other.text === text).length > 1;

function Cards({ label, cards, strong }: { label: string; cards: readonly Card[]; strong?: boolean }) {
  return (
    <p className="flex flex-wrap items-baseline gap-1.5">
      <span className="mr-1 text-[13px] text-quiet">{label}</span>
      {cards.length === 0 && <span className="text-quiet">none</span>}
      {cards.map((card) => (
        <span
          key={card.card}
          title={card.title}
          className={`rounded-md border bg-paper px-2 font-learner text-[18px] ${strong ? "border-2 border-ink" : "border-rule"}`}
        >
          {card.text}
          {namedTwice(cards, card) && (
            <span className="ml-1 font-sans text-[13px] text-quiet">{card.title.replace(/^.* as in /, "")}</span>
          )}
        </span>
      ))}
    </p>
  );
}
