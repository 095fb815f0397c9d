-- How frames came out, and pictures of frames and of cameras.

ALTER TABLE frames ADD COLUMN verdict TEXT;
ALTER TABLE frames ADD COLUMN judged REAL;
ALTER TABLE frames ADD COLUMN kept INTEGER;

UPDATE frames SET verdict = json_extract(body, '$.predicted.verdict');

CREATE INDEX frames_by_time ON frames (taken_at);
CREATE INDEX judged_frames ON frames (load_id) WHERE judged IS NOT NULL;

-- A picture and its thumbnail are one row, so that neither is ever there alone.
CREATE TABLE pictures (
	id TEXT PRIMARY KEY,
	frame_id TEXT REFERENCES frames (id) ON DELETE RESTRICT,
	camera_id TEXT REFERENCES cameras (id) ON DELETE RESTRICT,
	name TEXT NOT NULL,
	type TEXT NOT NULL,
	width INTEGER NOT NULL,
	height INTEGER NOT NULL,
	added_at TEXT NOT NULL,
	original BLOB NOT NULL,
	thumbnail BLOB NOT NULL,
	CHECK ((frame_id IS NULL) <> (camera_id IS NULL))
) STRICT;

CREATE INDEX pictures_of_frames ON pictures (frame_id) WHERE frame_id IS NOT NULL;
CREATE INDEX pictures_of_cameras ON pictures (camera_id) WHERE camera_id IS NOT NULL;
