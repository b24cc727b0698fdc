CREATE TABLE "put_off" (
	"group_id" uuid NOT NULL,
	"focus_id" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "put_off_group_id_focus_id_pk" PRIMARY KEY("group_id","focus_id"),
	CONSTRAINT "put_off_focus" CHECK (btrim(focus_id) <> '')
);
--> statement-breakpoint
DROP INDEX "responses_by_session";--> statement-breakpoint
ALTER TABLE "put_off" ADD CONSTRAINT "put_off_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "responses_by_line" ON "responses" USING btree ("session_id","learner_id","word_index","mode");