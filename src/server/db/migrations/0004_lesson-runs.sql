ALTER TABLE "responses" ADD COLUMN "held_back" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "run" jsonb;