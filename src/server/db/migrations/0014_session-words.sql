CREATE TABLE "session_words" (
	"session_id" uuid NOT NULL,
	"number" integer NOT NULL,
	"word" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "session_words_session_id_number_pk" PRIMARY KEY("session_id","number"),
	CONSTRAINT "session_words_number" CHECK (number >= 0),
	CONSTRAINT "session_words_word" CHECK (btrim(word) <> '')
);
--> statement-breakpoint
ALTER TABLE "session_words" ADD CONSTRAINT "session_words_session_id_sessions_id_fk" FOREIGN KEY ("session_id") REFERENCES "public"."sessions"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
-- The place of a word in its session's list was its number already. A list that cannot be read gives what was answered to.
INSERT INTO "session_words" ("session_id", "number", "word", "created_at")
SELECT "sessions"."id", listed."place" - 1, listed."word", "sessions"."created_at"
FROM "sessions", jsonb_array_elements_text(
	CASE WHEN jsonb_typeof("sessions"."words") = 'array' THEN "sessions"."words" ELSE '[]' END
) WITH ORDINALITY AS listed("word", "place")
WHERE btrim(listed."word") <> '';--> statement-breakpoint
INSERT INTO "session_words" ("session_id", "number", "word", "created_at")
SELECT DISTINCT ON ("session_id", "word_index") "session_id", "word_index", "word", "created_at"
FROM "responses"
WHERE "word_index" >= 0 AND btrim("word") <> ''
ORDER BY "session_id", "word_index", "created_at"
ON CONFLICT DO NOTHING;--> statement-breakpoint
ALTER TABLE "responses" ADD CONSTRAINT "responses_to_a_word_of_the_session" FOREIGN KEY ("session_id","word_index") REFERENCES "public"."session_words"("session_id","number") ON DELETE cascade ON UPDATE no action NOT VALID;--> statement-breakpoint
ALTER TABLE "sessions" DROP COLUMN "words";
