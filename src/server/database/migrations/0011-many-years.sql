-- A logbook of decades: what pages are ordered and narrowed by has its column, told by the body itself, and its index.

ALTER TABLE loads ADD COLUMN developed_at TEXT GENERATED ALWAYS AS (json_extract(body, '$.developed.at')) VIRTUAL;
CREATE INDEX loads_by_time ON loads (loaded_at DESC, id);
CREATE INDEX loads_by_development ON loads (developed_at DESC) WHERE developed_at IS NOT NULL;
CREATE INDEX undeveloped_loads ON loads (loaded_at DESC, id) WHERE developed_at IS NULL;

-- A frame that a named flash lit at a known distance tells of that flash.
ALTER TABLE frames ADD COLUMN flashed INTEGER GENERATED ALWAYS AS (
	json_type(body, '$.flash.name') IS NOT NULL AND json_type(body, '$.distance') IS NOT NULL
) VIRTUAL;
CREATE INDEX flashed_frames ON frames (taken_at DESC, id) WHERE judged IS NOT NULL AND flashed = 1;

DROP INDEX frames_by_time;
CREATE INDEX frames_by_time ON frames (taken_at DESC, id);
CREATE INDEX judged_by_time ON frames (taken_at DESC, id) WHERE judged IS NOT NULL;
CREATE INDEX frames_darkest_first ON frames (judged IS NULL, judged, id);
CREATE INDEX frames_lightest_first ON frames (judged IS NULL, judged DESC, id);
