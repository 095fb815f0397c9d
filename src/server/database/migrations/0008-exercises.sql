-- What is kept of practice: guesses of light, drill cards, and whether its doubt may be used.

CREATE TABLE exercises (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	kind TEXT NOT NULL,
	at TEXT NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE INDEX exercises_by_time ON exercises (at);
CREATE INDEX exercises_by_kind ON exercises (kind, at);
