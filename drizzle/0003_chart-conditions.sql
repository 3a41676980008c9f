-- A chart now says how it was made: what stood there as one text is kept as its note.
UPDATE model
SET sheet = jsonb_set(sheet - 'chartMeter', '{chart}', jsonb_build_object('note', left('meter: ' || (sheet ->> 'chartMeter'), 200)))
WHERE sheet ? 'chartMeter';
