import { createGroup, listGroups, newGroupInput } from "../../../server/groups.ts";
import { endpoint } from "../../../server/http.ts";

export const GET = endpoint({ run: ({ db }) => listGroups(db) });

export const POST = endpoint({
  body: newGroupInput,
  status: 201,
  run: ({ db, body }) => db.transaction((tx) => createGroup(tx, body)),
});
