/**
 * Which modules lie together in one script for the browser. Left alone, the bundler writes a script for each set of
 * screens that share a module: the bench fetches 68, many of a few hundred bytes, which compress badly by themselves. With
 * these it fetches 34, an eighth less in bytes. Whatever is not named here lies where the bundler puts it.
 */
const SHARED_SCRIPTS = {
  /** On every screen, Teach and the learners' view too: what each of them fetches in any case. */
  common: [
    /node_modules\/(react|react-dom|scheduler|tinykeys)\//,
    /node_modules\/lucide-react\/dist\/esm\/(shared|context|Icon|createLucideIcon|icons\/(plus|redo-2|undo-2|x)\.)/,
    /(commonjsHelpers|vite\/preload-helper)\.js$/,
    /src\/islands\/shared\/(client|shortcuts|use-shortcuts|history|use-lazy)\.ts$/,
    /src\/components\/words\/(counted|dates|pattern-names|position-name|sounds)\.ts$/,
    /src\/components\/ui\/(EmptyState|IconButton|UndoRedo|segmented-look)\.tsx?$/,
    /src\/core\/sounds\/(accents|phonemes|sound-style|spoken-name)\.ts$/,
    /src\/data\/sounds\/written-sounds\.ts$/,
    /src\/core\/(chains\/moves|chains\/request|families\/walk-parts|practice\/school-day|practice\/settings)\.ts$/,
    /src\/core\/(scope\/patterns|sounds\/sound-class|spelling\/gpc-id|spelling\/onset-rime|spelling\/said|spelling\/unit-key)\.ts$/,
  ],
  /** Dialogs, and what else stands above a page: on most screens, but not in Teach at first. */
  controls: [
    /node_modules\/@radix-ui\/primitive\//,
    /node_modules\/@radix-ui\/react-(compose-refs|context|dialog|direction|dismissable-layer|focus-guards|focus-scope)\//,
    /node_modules\/@radix-ui\/react-(id|portal|presence|primitive|slot|use-[a-z-]+(?<!size))\//,
    /node_modules\/(aria-hidden|get-nonce|react-remove-scroll|react-remove-scroll-bar|react-style-singleton|tslib)\//,
    /node_modules\/(use-callback-ref|use-sidecar)\//,
    /src\/components\/ui\/(Dialog|Select)\.tsx$/,
  ],
  /** One of a few, side by side. */
  choices: [
    /node_modules\/@radix-ui\/react-(collection|roving-focus|toggle|toggle-group)\//,
    /src\/components\/ui\/SegmentedChoice\.tsx$/,
  ],
  /** The table of correspondences, and what is taught of it. */
  correspondences: [
    /src\/core\/spelling\/(gpc|gpc-table|teaching-key)\.ts$/,
    /src\/core\/scope\/(sequence|taught-set)\.ts$/,
    /src\/components\/words\/gpc-name\.ts$/,
  ],
};

/**
 * For the bundler: the name of the script in which a module lies, undefined where it chooses one itself.
 *
 * @param {string} id the module's file
 * @returns {string | undefined}
 */
export const sharedScriptOf = (id) =>
  Object.keys(SHARED_SCRIPTS).find((name) => SHARED_SCRIPTS[name].some((files) => files.test(id)));
