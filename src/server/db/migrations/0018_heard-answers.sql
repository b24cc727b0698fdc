CREATE TABLE "skill_totals" (
	"learner_id" uuid NOT NULL,
	"skill" text NOT NULL,
	"outcome" text NOT NULL,
	"count" integer NOT NULL,
	CONSTRAINT "skill_totals_learner_id_skill_outcome_pk" PRIMARY KEY("learner_id","skill","outcome"),
	CONSTRAINT "skill_totals_skill" CHECK (skill in ('rhyme-or-not', 'say-a-rhyme', 'first-sound', 'last-sound', 'middle-sound', 'blend-onset-rime', 'blend-body-last', 'blend-sounds', 'split-onset-rime', 'split-sounds', 'add-beginning', 'add-end', 'take-beginning', 'take-end', 'take-from-cluster', 'change-beginning', 'change-middle', 'change-end')),
	CONSTRAINT "skill_totals_outcome" CHECK (outcome in ('right', 'after-tapping', 'self-corrected', 'wrong', 'together', 'no-attempt')),
	CONSTRAINT "skill_totals_count" CHECK (count >= 0)
);
--> statement-breakpoint
ALTER TABLE "responses" DROP CONSTRAINT "responses_mode";--> statement-breakpoint
ALTER TABLE "lesson_totals" DROP CONSTRAINT "lesson_totals_way";--> statement-breakpoint
ALTER TABLE "outcome_totals" DROP CONSTRAINT "outcome_totals_way";--> statement-breakpoint
ALTER TABLE "unit_totals" DROP CONSTRAINT "unit_totals_way";--> statement-breakpoint
ALTER TABLE "skill_totals" ADD CONSTRAINT "skill_totals_learner_id_learners_id_fk" FOREIGN KEY ("learner_id") REFERENCES "public"."learners"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_mode" CHECK (mode in ('read', 'built', 'wrote', 'chose', 'card', 'oral'));--> statement-breakpoint
ALTER TABLE "lesson_totals" ADD CONSTRAINT "lesson_totals_way" CHECK (way in ('read', 'built', 'heard'));--> statement-breakpoint
ALTER TABLE "outcome_totals" ADD CONSTRAINT "outcome_totals_way" CHECK (way in ('read', 'built', 'heard'));--> statement-breakpoint
ALTER TABLE "unit_totals" ADD CONSTRAINT "unit_totals_way" CHECK (way in ('read', 'built', 'heard'));