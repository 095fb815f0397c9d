-- The person's own places, and readings that stay on the line by a name.

CREATE TABLE places (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	name TEXT NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

ALTER TABLE readings ADD COLUMN named INTEGER NOT NULL DEFAULT 0;

CREATE INDEX named_readings ON readings (named) WHERE named = 1;
