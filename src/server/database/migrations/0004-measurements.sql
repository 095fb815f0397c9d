-- What was measured of a camera on the bench.

CREATE TABLE measurements (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	camera_id TEXT NOT NULL REFERENCES cameras (id) ON DELETE RESTRICT,
	taken_at TEXT NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE INDEX measurements_by_camera ON measurements (camera_id);
