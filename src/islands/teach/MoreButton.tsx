import Ellipsis from "lucide-react/icons/ellipsis";
import type { Listing, ListPace } from "./lesson/teach-state.ts";

export interface TeachMenuProps {
  readonly canAdd: boolean;
  readonly canBuild: boolean;
  readonly building: boolean;
  readonly canShuffle: boolean;
  readonly canDrop: boolean;
  readonly dark: boolean;
  /** Words of this activity that went wrong. */
  readonly wentWrong: readonly string[];
  /** @returns why the words cannot be put in; undefined when they are */
  readonly onAdd: (words: readonly string[], comes: "next" | "last") => Promise<string | undefined>;
  readonly onBuild: () => void;
  readonly onShuffle: () => void;
  readonly onDrop: () => void;
  readonly onSkip: (() => void) | undefined;
  readonly listing: Listing;
  readonly canList: boolean;
  readonly onListing: (way: Listing) => void;
  readonly listPace: ListPace | undefined;
  readonly onListPace: (pace: ListPace | undefined) => void;
  readonly onDark: () => void;
  /** Where the words of this activity are printed; undefined without words. */
  readonly paper: string | undefined;
}

export const MORE_BUTTON = "button min-h-11 min-w-11 px-2.5";
export const MORE_LABEL = "More to do with this activity";
/** The three dots of the menu with what is seldom wanted. */
export const MoreSign = () => <Ellipsis size={18} aria-hidden />;
