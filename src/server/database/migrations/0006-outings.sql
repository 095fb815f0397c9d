-- Outings that are planned, and the frames that were taken on them.

CREATE TABLE outings (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	date TEXT NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE INDEX outings_by_date ON outings (date);

-- No foreign key: a frame outlives the outing that it was taken on.
ALTER TABLE frames ADD COLUMN outing_id TEXT;

CREATE INDEX frames_of_outings ON frames (outing_id) WHERE outing_id IS NOT NULL;
