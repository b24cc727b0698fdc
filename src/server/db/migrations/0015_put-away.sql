ALTER TABLE "chains" ADD COLUMN "put_away_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "word_sets" ADD COLUMN "put_away_at" timestamp with time zone;