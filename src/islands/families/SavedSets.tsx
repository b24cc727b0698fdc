import type { FamiliesPage } from "../../server/families-page.ts";

/** Opens one of the group's saved sets, or begins a new one. */
export function SavedSets(props: { sets: FamiliesPage["sets"]; current: string | undefined; groupId: string }) {
  const begin = `/families?group=${props.groupId}`;
  return (
    <select
      aria-label="Saved sets"
      className="button ml-auto w-36 truncate font-normal"
      value=""
      onChange={(event) => location.assign(event.target.value === "new" ? begin : `${begin}&set=${event.target.value}`)}
    >
      <option value="" disabled>
        Open…
      </option>
      <option value="new">New set</option>
      {props.sets
        .filter(({ id }) => id !== props.current)
        .map(({ id, title }) => (
          <option key={id} value={id}>
            {title}
          </option>
        ))}
    </select>
  );
}
