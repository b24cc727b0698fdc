CREATE TABLE "rejudgings" (
	"classifier" integer PRIMARY KEY NOT NULL,
	"after" uuid,
	"looked" integer DEFAULT 0 NOT NULL,
	"changed" integer DEFAULT 0 NOT NULL,
	"done_at" timestamp with time zone,
	"seen_at" timestamp with time zone,
	CONSTRAINT "rejudgings_counts" CHECK (looked >= changed and changed >= 0)
);
