ALTER TABLE "routines" ADD COLUMN "put_away_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "templates" ADD COLUMN "put_away_at" timestamp with time zone;