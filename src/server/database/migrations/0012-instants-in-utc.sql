-- Instants are put in order as instants: columns hold UTC to the millisecond, whatever the offset they were said with.

UPDATE loads SET loaded_at = strftime('%Y-%m-%dT%H:%M:%fZ', loaded_at);
UPDATE frames SET taken_at = strftime('%Y-%m-%dT%H:%M:%fZ', taken_at);
UPDATE readings SET taken_at = strftime('%Y-%m-%dT%H:%M:%fZ', taken_at);
UPDATE measurements SET taken_at = strftime('%Y-%m-%dT%H:%M:%fZ', taken_at);
UPDATE exercises SET at = strftime('%Y-%m-%dT%H:%M:%fZ', at);

DROP INDEX loads_by_development;
DROP INDEX undeveloped_loads;
ALTER TABLE loads DROP COLUMN developed_at;
ALTER TABLE loads ADD COLUMN developed_at TEXT GENERATED ALWAYS AS (
	strftime('%Y-%m-%dT%H:%M:%fZ', json_extract(body, '$.developed.at'))
) VIRTUAL;
CREATE INDEX loads_by_development ON loads (developed_at DESC) WHERE developed_at IS NOT NULL;
CREATE INDEX undeveloped_loads ON loads (loaded_at DESC, id) WHERE developed_at IS NULL;

-- A frame whose place is known was taken by the clock of that place.
UPDATE frames
SET body = json_set(body, '$.zone', zone_at(json_extract(body, '$.where.latitude'), json_extract(body, '$.where.longitude')))
WHERE json_type(body, '$.where') = 'object' AND json_type(body, '$.zone') IS NULL;
