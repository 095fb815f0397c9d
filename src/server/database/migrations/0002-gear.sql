-- Filters, flashes and supports of the bag.

CREATE TABLE gear (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	kind TEXT NOT NULL,
	name TEXT NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;
