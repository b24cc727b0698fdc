import { ACTIVITY_KINDS, type ActivityContent, type ContentOfKind } from "./activity-kinds.ts";
import { type EditableField, type KindDefinition, type MaterialNeed, wordsInText } from "./kind-definition.ts";

/** The definition of a content's kind, for that content. */
const definitionOf = <C extends ActivityContent>(content: C): KindDefinition<C> =>
  ACTIVITY_KINDS[content.kind] as unknown as KindDefinition<C>;

/** A kind whose words come one after another. */
export type WordListContent = Extract<
  ActivityContent,
  { readonly kind: "blending" | "read-chain" | "build-chain" | "family-walk" | "word-list" | "irregular-words" }
>;

/** Are its words one after another, and nothing more? */
export const isWordList = (content: ActivityContent): content is WordListContent => definitionOf(content).isWordList;

/** Is each of its words one step from the one before? */
export const isChain = (content: ActivityContent): content is ContentOfKind<"read-chain" | "build-chain"> =>
  definitionOf(content).isChain;

/** Every word that learners read, build, write or hear in an activity, nonsense words among them; no words of texts. */
export const wordsOfContent = (content: ActivityContent): string[] => [...definitionOf(content).words(content)];

/** Every word that stands before learners, those of sentences and texts among them. */
export const wordsShownIn = (content: ActivityContent): string[] => [
  ...wordsOfContent(content),
  ...definitionOf(content).texts(content).flatMap(wordsInText),
];

/** How many things an activity has to be gone through. @returns a whole number, from 0 */
export const itemsOfContent = (content: ActivityContent): number => definitionOf(content).items(content);

/** The content without some words; undefined when nothing would be left. */
export const withoutWords = (content: ActivityContent, out: ReadonlySet<string>): ActivityContent | undefined =>
  definitionOf(content).without(content, out);

/** GPC ids of the graphemes that an activity shows on cards. */
export const cardsOfContent = (content: ActivityContent): string[] => [...definitionOf(content).cards(content)];

/** What a teacher can change in it. */
export const editableFieldsOf = ({ kind }: ActivityContent): readonly EditableField[] => ACTIVITY_KINDS[kind].edits;

/** Does it need this on the table? */
export const needsMaterial = ({ kind }: ActivityContent, need: MaterialNeed): boolean =>
  (ACTIVITY_KINDS[kind].needs as readonly MaterialNeed[]).includes(need);
