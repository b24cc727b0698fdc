-- Sessions from before lessons were run: their words are a chain, and their place is an index of it.
UPDATE "sessions" SET "run" = jsonb_build_object('minutes', NULL, 'activities', jsonb_build_array(jsonb_build_object(
	'id', "id"::text, 'kind', 'read-chain', 'title', "title", 'minutes', 0, 'ifTime', false, 'heldBack', false,
	'content', jsonb_build_object('kind', 'read-chain', 'words', "words"),
	'targets', (
		SELECT coalesce(jsonb_agg(n - 1 ORDER BY n), '[]')
		FROM generate_series(1, CASE jsonb_typeof("words") WHEN 'array' THEN jsonb_array_length("words") ELSE 0 END) AS n
	)
))) WHERE "run" IS NULL;--> statement-breakpoint
UPDATE "sessions" SET "place" = jsonb_build_object(
	'activity', 0, 'item', "place"->'wordIndex', 'stage', 0, 'learnerId', "place"->'learnerId',
	'orders', '{}'::jsonb, 'seconds', '{}'::jsonb, 'skipped', '[]'::jsonb
) WHERE "place" ? 'wordIndex';--> statement-breakpoint
ALTER TABLE "sessions" ALTER COLUMN "run" SET NOT NULL;
