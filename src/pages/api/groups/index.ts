import { createGroup, listGroups, newGroupInput } from "../../../server/groups/groups.ts";
import { endpoint } from "../../../server/http/endpoint.ts";

export const GET = endpoint({ run: ({ db }) => listGroups(db) });

export const POST = endpoint({
  body: newGroupInput,
  status: 201,
  run: ({ db, body }) => db.transaction((tx) => createGroup(tx, body)),
});
