-- A part of a template says its place among the others as `priority`, once `matters`.
UPDATE "templates" SET "parts" = (
  SELECT jsonb_agg(
    CASE WHEN part ? 'matters' THEN (part - 'matters') || jsonb_build_object('priority', part -> 'matters') ELSE part END
    ORDER BY place
  )
  FROM jsonb_array_elements("parts") WITH ORDINALITY AS listed(part, place)
)
WHERE "parts"::text LIKE '%"matters"%';
