import { Activity, type ComponentType, memo } from "react";

/**
 * A part of a screen that React takes over from the server on its own: a press that comes before waits for the part that
 * was pressed, not for the whole screen. It is drawn again only when what it is given is not the same: give it callbacks
 * that stay (`useStableCallbacks`), or a change elsewhere makes React take it over first.
 *
 * `Suspense` would do the same, but sends a large part behind the page, to be put in its place by a script in the page,
 * which the page's policy forbids.
 */
export function separatelyHydrated<Props extends object>(Part: ComponentType<Props>) {
  return memo(function SeparatelyHydrated(props: Props) {
    return (
      <Activity>
        <Part {...props} />
      </Activity>
    );
  });
}
