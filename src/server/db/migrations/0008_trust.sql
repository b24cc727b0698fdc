-- Checks are NOT VALID: rows of an earlier Zip Step stay, whatever they hold; new ones are looked at.
CREATE TABLE "installation" (
	"id" integer PRIMARY KEY NOT NULL,
	"workspace_id" uuid NOT NULL,
	"time_zone" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "installation_once" CHECK (id = 1)
);
--> statement-breakpoint
DROP INDEX "responses_superseded";--> statement-breakpoint
ALTER TABLE "groups" ADD COLUMN "put_away_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "groups" ADD COLUMN "erase_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "learners" ADD COLUMN "put_away_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "learners" ADD COLUMN "erase_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "responses" ADD COLUMN "standing" boolean NOT NULL DEFAULT false;--> statement-breakpoint
-- Answers to one word become one line, in the order in which they came in, and the last of it stands. Two corrections
-- of one mark, two devices' answers, or a correction of what was never there are the same from here on.
UPDATE "responses" SET "supersedes" = line."before", "standing" = line."is_last" AND NOT "responses"."withdrawn"
FROM (
	SELECT "id",
		lag("id") OVER answers AS "before",
		lead("id") OVER answers IS NULL AS "is_last"
	FROM "responses"
	WINDOW answers AS (PARTITION BY "session_id", "learner_id", "word_index" ORDER BY "created_at", "at", "id")
) AS line
WHERE line."id" = "responses"."id";--> statement-breakpoint
ALTER TABLE "responses" ALTER COLUMN "standing" DROP DEFAULT;--> statement-breakpoint
INSERT INTO "installation" ("id", "workspace_id") VALUES (1, gen_random_uuid());--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_supersedes_responses_id_fk" FOREIGN KEY ("supersedes") REFERENCES "public"."responses"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "superseded_once" ON "responses" USING btree ("supersedes");--> statement-breakpoint
CREATE UNIQUE INDEX "one_standing_answer" ON "responses" USING btree ("session_id","learner_id","word_index","mode") WHERE standing;--> statement-breakpoint
ALTER TABLE "groups" ADD CONSTRAINT "groups_texts" CHECK (btrim(name) <> '' and btrim(sequence_id) <> '') NOT VALID;--> statement-breakpoint
ALTER TABLE "groups" ADD CONSTRAINT "groups_step" CHECK (step >= 1) NOT VALID;--> statement-breakpoint
ALTER TABLE "learners" ADD CONSTRAINT "learners_nickname" CHECK (btrim(nickname) <> '') NOT VALID;--> statement-breakpoint
ALTER TABLE "memberships" ADD CONSTRAINT "memberships_seat" CHECK (seat >= 0) NOT VALID;--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_minutes" CHECK (minutes between 1 and 90) NOT VALID;--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_mode" CHECK (mode in ('read', 'built', 'wrote', 'chose', 'card')) NOT VALID;--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_word_index" CHECK (word_index >= 0) NOT VALID;--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_classifier" CHECK (classifier >= 1) NOT VALID;--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_texts" CHECK (word <> '' and target <> '') NOT VALID;--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_withdrawn" CHECK (not (standing and withdrawn)) NOT VALID;--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_supersedes" CHECK (supersedes <> id) NOT VALID;--> statement-breakpoint
ALTER TABLE "routines" ADD CONSTRAINT "routines_title" CHECK (btrim(title) <> '') NOT VALID;--> statement-breakpoint
ALTER TABLE "sequences" ADD CONSTRAINT "sequences_name" CHECK (btrim(name) <> '') NOT VALID;--> statement-breakpoint
ALTER TABLE "templates" ADD CONSTRAINT "templates_name" CHECK (btrim(name) <> '') NOT VALID;--> statement-breakpoint
ALTER TABLE "word_sets" ADD CONSTRAINT "word_sets_kind" CHECK (kind in ('family', 'sort', 'pairs', 'ears-only')) NOT VALID;