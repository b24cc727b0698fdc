/** A screen that can be gone to. */
export interface ScreenLink {
  readonly id: string;
  readonly name: string;
  readonly href: string;
}

/** The screens of the row at the top, in the order of the work. */
const MAIN = [
  { id: "today", name: "Today", path: "/", isOfGroup: false },
  { id: "bench", name: "Chain bench", path: "/bench", isOfGroup: true },
  { id: "families", name: "Families", path: "/families", isOfGroup: true },
  { id: "ears-only", name: "Ears only", path: "/ears-only", isOfGroup: true },
  { id: "texts", name: "Texts", path: "/texts", isOfGroup: true },
  { id: "plan", name: "Plan", path: "/plan", isOfGroup: true },
  { id: "evidence", name: "Evidence", path: "/evidence", isOfGroup: true },
  { id: "groups", name: "Groups", path: "/groups", isOfGroup: false },
  { id: "settings", name: "Settings", path: "/settings", isOfGroup: false },
] as const;

/** Screens that others lead to. */
const FURTHER = [
  { id: "week", name: "The week", path: "/week", isOfGroup: true },
  { id: "packs", name: "Packs of cards", path: "/packs", isOfGroup: true },
  { id: "saved", name: "All that was saved", path: "/saved", isOfGroup: false },
  { id: "people", name: "People", path: "/people", isOfGroup: false },
  { id: "backups", name: "Backups", path: "/backups", isOfGroup: false },
  { id: "glossary", name: "The words used here", path: "/glossary", isOfGroup: false },
] as const;

export type MainScreen = (typeof MAIN)[number]["id"];

type Screen = (typeof MAIN)[number] | (typeof FURTHER)[number];

const linkTo =
  (groupId: string | undefined) =>
  ({ id, name, path, isOfGroup }: Screen): ScreenLink => ({
    id,
    name,
    href: isOfGroup && groupId ? `${path}?group=${groupId}` : path,
  });

/** The row at the top, for a group where there is one in hand. */
export const mainScreens = (groupId: string | undefined): ScreenLink[] => MAIN.map(linkTo(groupId));

/** Every screen that can be gone to from anywhere. */
export const allScreens = (groupId: string | undefined): ScreenLink[] => [...MAIN, ...FURTHER].map(linkTo(groupId));
