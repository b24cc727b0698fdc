import { OpenSaved } from "../../components/OpenSaved.tsx";
import type { FamiliesPage } from "../../server/sets/families-page.ts";

/** Opens one of the group's saved sets, or begins a new one. */
export function SavedSets(props: { sets: FamiliesPage["sets"]; current: string | undefined; groupId: string }) {
  const families = `/families?group=${props.groupId}`;
  return (
    <OpenSaved
      name="Saved sets"
      newOne="New set"
      saved={props.sets}
      current={props.current}
      wide="ml-auto w-36"
      onNew={() => location.assign(families)}
      onOpen={(id) => location.assign(`${families}&set=${id}`)}
    />
  );
}
