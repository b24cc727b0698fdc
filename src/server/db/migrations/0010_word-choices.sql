-- The one list that a school could let in became three: who let it in, let in all that was on it.
UPDATE "workspace" SET "school" = ("school" - 'allowNotEverySchool') || jsonb_build_object('allowLists',
	CASE WHEN "school"->'allowNotEverySchool' = 'true'::jsonb
		THEN '["not-every-school", "weapons-and-fighting", "death-and-alcohol"]'::jsonb
		ELSE '[]'::jsonb
	END
) WHERE jsonb_typeof("school") = 'object';
--> statement-breakpoint
-- What General American took for one sound of its own accord is a choice now, made for those who had it.
UPDATE "workspace" SET "school" = jsonb_set("school", '{accent,mergers}', "school"->'accent'->'mergers' || '["cot-caught"]'::jsonb)
	WHERE "school"->'accent'->>'accent' = 'general-american' AND jsonb_typeof("school"->'accent'->'mergers') = 'array'
	AND NOT "school"->'accent'->'mergers' ? 'cot-caught';--> statement-breakpoint
-- The shipped orders have steps put in: every group stays at the last step it had been taught.
UPDATE "groups" SET "step" = (ARRAY[1,2,3,4,5,6,7,8,9,10,11,12,13,14,15,16,17,18,19,20,21,22,23,24,25,26,27,28,29,32,33,34,35,36,37,
	38,39,40,41,42,43,44,45,46,47,48,49,52,53,54,55,56,57,58,59,60,60,61,64,65,66,67,68,69,70,70,71,71,72,76,78,79,80])["step"]
	WHERE "sequence_id" = 'phased' AND "step" BETWEEN 1 AND 73;--> statement-breakpoint
UPDATE "groups" SET "step" = (ARRAY[1,2,3,4,5,6,7,8,9,10,11,12,13,14,16,17,18,19,20,22,24,25,26,27,29,30,31,32,33,34,35,36,37,38,39,
	40,41,45,46,47,48,49,50,51,52,53,54,54,55,55,55,55,59,61,62])["step"]
	WHERE "sequence_id" = 'short-vowels-first' AND "step" BETWEEN 1 AND 55;
