-- Recipes of baths.

CREATE TABLE recipes (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	name TEXT NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE INDEX recipes_by_name ON recipes (name);
