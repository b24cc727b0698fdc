/**
 * Which modules lie together in one script for the browser. Left alone, the bundler writes a script for each set of
 * screens that share a module: the bench fetches 68, many of a few hundred bytes, and each request takes a browser longer
 * than such a script. With these it fetches 10. Whatever is not named here lies where the bundler puts it.
 *
 * None may need one that needs it in turn: the first of the two would then run without the other.
 */
const SHARED_SCRIPTS = {
  /** On every screen, Teach and the learners' view too: what each of them fetches in any case. */
  common: [
    /node_modules\/(dequal|react|react-dom|scheduler|tinykeys)\//,
    /node_modules\/lucide-react\/dist\/esm\/(shared|context|Icon|createLucideIcon)/,
    /node_modules\/lucide-react\/dist\/esm\/icons\/(arrow-down|arrow-up|check|chevron-down|ellipsis|plus|redo-2|trash|undo-2|x)\./,
    /(commonjsHelpers|vite\/preload-helper)\.js$/,
    /src\/islands\/shared\/(autosave|client|history|paper-href|shortcuts|use-autosave|use-element-size|use-lazy|use-shortcuts)\.ts$/,
    /node_modules\/idb\//,
    /src\/islands\/outbox\/(left-marks|mark-store|outbox|page-outbox)\.ts$/,
    /src\/islands\/(shared\/tell-time-zone|word-card\/open)\.ts$/,
    /src\/schemas\/headers\.ts$/,
    /src\/components\/words\/(accent-words|counted|dates|focus-words|outbox-words|pattern-names|position-name)\.ts$/,
    /src\/components\/words\/(response-words|screen-help|sentence-words|sounds)\.ts$/,
    /src\/components\/ui\/(EmptyState|IconButton|UndoRedo|segmented-look)\.tsx?$/,
    /src\/core\/sounds\/(accents|phonemes|sound-class|sound-style|spoken-name)\.ts$/,
    /src\/data\/sounds\/written-sounds\.ts$/,
    /src\/core\/(chains\/moves|chains\/request|families\/walk-parts|practice\/school-day|practice\/settings)\.ts$/,
    /src\/core\/(responses\/outcomes|scope\/patterns)\.ts$/,
    /src\/core\/spelling\/(gpc-id|onset-rime|said|taps|unit-key)\.ts$/,
  ],
  /** Dialogs, and what else stands above a page: on most screens, but not in Teach at first. */
  controls: [
    /node_modules\/@radix-ui\/primitive\//,
    /node_modules\/@radix-ui\/react-(alert-dialog|compose-refs|context|dialog|direction|dismissable-layer|focus-guards|focus-scope)\//,
    /node_modules\/@radix-ui\/react-(id|portal|presence|primitive|slot|use-[a-z-]+(?<!size))\//,
    /node_modules\/(aria-hidden|get-nonce|react-remove-scroll|react-remove-scroll-bar|react-style-singleton|tslib)\//,
    /node_modules\/(use-callback-ref|use-sidecar)\//,
    /src\/components\/ui\/(ConfirmDialog|Dialog|Select)\.tsx$/,
  ],
  /** One of a few, side by side. */
  choices: [
    /node_modules\/@radix-ui\/react-(collection|roving-focus|tabs|toggle|toggle-group)\//,
    /src\/components\/ui\/(SegmentedChoice|Tabs)\.tsx$/,
  ],
  /** Menus, and lists that are searched while one types. */
  menus: [
    /node_modules\/@radix-ui\/react-(dropdown-menu|menu|popover|popper|use-size)\//,
    /node_modules\/(@floating-ui|cmdk)\//,
    /src\/components\/(GpcPicker|ui\/Combobox|ui\/Menu)\.tsx$/,
  ],
  /** Lists whose rows are dragged. */
  lists: [
    /node_modules\/@dnd-kit\//,
    /node_modules\/lucide-react\/dist\/esm\/icons\/grip-vertical\./,
    /src\/islands\/shared\/(drag-sensor|use-list-sensors)\.ts$/,
  ],
  /** The table of correspondences, and what is taught of it. */
  correspondences: [
    /src\/core\/spelling\/(gpc|gpc-table|marks|silent-letters|teaching-key)\.ts$/,
    /src\/core\/scope\/(sequence|sequence-rows|taught-set)\.ts$/,
    /src\/components\/(words\/gpc-name\.ts|GpcChip\.tsx|MarkedWord\.tsx)$/,
  ],
  /** What the benches have in common: questions to the words' worker, and reasons in words. */
  benches: [
    /node_modules\/(comlink|sonner)\//,
    /src\/islands\/shared\/(sets-worker-client|use-announced-autosave|use-answer|use-set-saving|worker-client)\.ts$/,
    /src\/core\/school\/school\.ts$/,
    /src\/components\/words\/(kept-out-lists|reasons)\.ts$/,
    /src\/components\/(OpenSaved|ui\/Toasts|ui\/Working)\.tsx$/,
  ],
  /** Forms, and what checks them. */
  forms: [
    /node_modules\/(@hookform|react-hook-form|zod)\//,
    /src\/schemas\/(fields|groups|ids|saved)\.ts$/,
    /src\/components\/ui\/Field\.tsx$/,
  ],
  /** What a lesson is made of, in words. */
  lessons: [
    /src\/core\/practice\/(activity-(content|kinds)|dictation-steps|kind-definition|set-kinds|stages)\.ts$/,
    /src\/core\/(oral\/item|responses\/response-modes|texts\/phrases|texts\/read-words)\.ts$/,
    /src\/data\/texts\/abbreviations\.ts$/,
    /src\/components\/words\/(dictation-words|fact-words|family-names|oral-words|prompt-words)\.ts$/,
  ],
};

export const SHARED_SCRIPT_NAMES = Object.keys(SHARED_SCRIPTS);

/**
 * For the bundler: the name of the script in which a module lies, undefined where it chooses one itself.
 *
 * @param {string} id the module's file
 * @returns {string | undefined}
 */
export const sharedScriptOf = (id) =>
  SHARED_SCRIPT_NAMES.find((name) => SHARED_SCRIPTS[name].some((files) => files.test(id)));
