-- A group has one plan, and its id is the group's: an address of a plan is known where the group is.
UPDATE "plans" SET "id" = "group_id" WHERE "id" <> "group_id";
