-- The body is the whole record as JSON; the columns beside it are those searched or joined on.

CREATE TABLE cameras (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	name TEXT NOT NULL,
	archived INTEGER NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE TABLE films (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	name TEXT NOT NULL,
	archived INTEGER NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE TABLE loads (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	camera_id TEXT NOT NULL REFERENCES cameras (id) ON DELETE RESTRICT,
	film_id TEXT NOT NULL REFERENCES films (id) ON DELETE RESTRICT,
	loaded_at TEXT NOT NULL,
	in_camera INTEGER NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE INDEX loads_by_camera ON loads (camera_id);
CREATE INDEX loads_by_film ON loads (film_id);

-- A camera holds one load at a time.
CREATE UNIQUE INDEX one_load_in_a_camera ON loads (camera_id) WHERE in_camera = 1;

CREATE TABLE frames (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	load_id TEXT NOT NULL REFERENCES loads (id) ON DELETE RESTRICT,
	number INTEGER NOT NULL,
	taken_at TEXT NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body)),
	UNIQUE (load_id, number)
) STRICT;

CREATE TABLE readings (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	taken_at TEXT NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE INDEX readings_by_time ON readings (taken_at);
