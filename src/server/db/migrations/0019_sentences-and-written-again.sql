ALTER TABLE "responses" DROP CONSTRAINT "responses_mode";--> statement-breakpoint
ALTER TABLE "outcome_totals" DROP CONSTRAINT "outcome_totals_outcome";--> statement-breakpoint
ALTER TABLE "skill_totals" DROP CONSTRAINT "skill_totals_outcome";--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_mode" CHECK (mode in ('read', 'built', 'wrote', 'sentence', 'chose', 'card', 'oral'));--> statement-breakpoint
ALTER TABLE "outcome_totals" ADD CONSTRAINT "outcome_totals_outcome" CHECK (outcome in ('right', 'after-tapping', 'self-corrected', 'wrong', 'written-again', 'together', 'no-attempt', 'unreadable'));--> statement-breakpoint
ALTER TABLE "skill_totals" ADD CONSTRAINT "skill_totals_outcome" CHECK (outcome in ('right', 'after-tapping', 'self-corrected', 'wrong', 'written-again', 'together', 'no-attempt'));