CREATE TABLE "lesson_totals" (
	"learner_id" uuid NOT NULL,
	"way" text NOT NULL,
	"session_id" uuid NOT NULL,
	"count" integer NOT NULL,
	CONSTRAINT "lesson_totals_learner_id_way_session_id_pk" PRIMARY KEY("learner_id","way","session_id"),
	CONSTRAINT "lesson_totals_way" CHECK (way in ('read', 'built')),
	CONSTRAINT "lesson_totals_count" CHECK (count >= 0)
);
--> statement-breakpoint
CREATE TABLE "outcome_totals" (
	"learner_id" uuid NOT NULL,
	"way" text NOT NULL,
	"held_back" boolean NOT NULL,
	"outcome" text NOT NULL,
	"count" integer NOT NULL,
	CONSTRAINT "outcome_totals_learner_id_way_held_back_outcome_pk" PRIMARY KEY("learner_id","way","held_back","outcome"),
	CONSTRAINT "outcome_totals_way" CHECK (way in ('read', 'built')),
	CONSTRAINT "outcome_totals_outcome" CHECK (outcome in ('right', 'after-tapping', 'self-corrected', 'wrong', 'together', 'no-attempt', 'unreadable')),
	CONSTRAINT "outcome_totals_count" CHECK (count >= 0)
);
--> statement-breakpoint
CREATE TABLE "unit_totals" (
	"learner_id" uuid NOT NULL,
	"way" text NOT NULL,
	"gpc" text NOT NULL,
	"position" text NOT NULL,
	"said" text NOT NULL,
	"count" integer NOT NULL,
	"last_at" timestamp with time zone NOT NULL,
	CONSTRAINT "unit_totals_learner_id_way_gpc_position_said_pk" PRIMARY KEY("learner_id","way","gpc","position","said"),
	CONSTRAINT "unit_totals_way" CHECK (way in ('read', 'built')),
	CONSTRAINT "unit_totals_position" CHECK (position in ('initial', 'medial', 'final')),
	CONSTRAINT "unit_totals_count" CHECK (count >= 0)
);
--> statement-breakpoint
ALTER TABLE "learners" ADD COLUMN "counted_as" text;--> statement-breakpoint
ALTER TABLE "lesson_totals" ADD CONSTRAINT "lesson_totals_learner_id_learners_id_fk" FOREIGN KEY ("learner_id") REFERENCES "public"."learners"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lesson_totals" ADD CONSTRAINT "lesson_totals_session_id_sessions_id_fk" FOREIGN KEY ("session_id") REFERENCES "public"."sessions"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outcome_totals" ADD CONSTRAINT "outcome_totals_learner_id_learners_id_fk" FOREIGN KEY ("learner_id") REFERENCES "public"."learners"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "unit_totals" ADD CONSTRAINT "unit_totals_learner_id_learners_id_fk" FOREIGN KEY ("learner_id") REFERENCES "public"."learners"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "responses_by_word" ON "responses" USING btree ("learner_id","mode","word") WHERE standing;