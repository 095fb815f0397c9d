-- What can be said of a frame to find it again. A load may count on: its frames have running numbers of the photographer's own.

CREATE VIEW frame_said (frame_id, load_id, camera_id, film_id, words) AS
SELECT
	frames.id,
	loads.id,
	cameras.id,
	films.id,
	concat_ws(
		char(10),
		json_extract(frames.body, '$.subject'),
		json_extract(frames.body, '$.note'),
		json_extract(frames.body, '$.caption'),
		json_extract(frames.body, '$.givenTo'),
		json_extract(frames.body, '$.where.name'),
		cameras.name,
		json_extract(frames.body, '$.film.name'),
		films.name,
		frames.number,
		'no. ' || (json_extract(loads.body, '$.countsFrom') + frames.number - 1)
	)
FROM frames
JOIN loads ON loads.id = frames.load_id
JOIN cameras ON cameras.id = loads.camera_id
JOIN films ON films.id = loads.film_id;

CREATE TABLE frame_words (
	n INTEGER PRIMARY KEY,
	frame_id TEXT NOT NULL UNIQUE REFERENCES frames (id) ON DELETE CASCADE,
	words TEXT NOT NULL
) STRICT;

-- Whole words, as most scripts have them, and parts of words, as all have.
CREATE VIRTUAL TABLE words_of_frames USING fts5 (
	words, content = 'frame_words', content_rowid = 'n', tokenize = "unicode61 remove_diacritics 2"
);
CREATE VIRTUAL TABLE parts_of_words USING fts5 (
	words, content = 'frame_words', content_rowid = 'n', tokenize = "trigram remove_diacritics 1"
);

CREATE TRIGGER frame_words_added AFTER INSERT ON frame_words BEGIN
	INSERT INTO words_of_frames (rowid, words) VALUES (new.n, new.words);
	INSERT INTO parts_of_words (rowid, words) VALUES (new.n, new.words);
END;
CREATE TRIGGER frame_words_deleted AFTER DELETE ON frame_words BEGIN
	INSERT INTO words_of_frames (words_of_frames, rowid, words) VALUES ('delete', old.n, old.words);
	INSERT INTO parts_of_words (parts_of_words, rowid, words) VALUES ('delete', old.n, old.words);
END;
CREATE TRIGGER frame_words_changed AFTER UPDATE OF words ON frame_words WHEN old.words <> new.words BEGIN
	INSERT INTO words_of_frames (words_of_frames, rowid, words) VALUES ('delete', old.n, old.words);
	INSERT INTO parts_of_words (parts_of_words, rowid, words) VALUES ('delete', old.n, old.words);
	INSERT INTO words_of_frames (rowid, words) VALUES (new.n, new.words);
	INSERT INTO parts_of_words (rowid, words) VALUES (new.n, new.words);
END;

INSERT INTO frame_words (frame_id, words) SELECT frame_id, words FROM frame_said;

CREATE TRIGGER frames_said AFTER INSERT ON frames BEGIN
	INSERT INTO frame_words (frame_id, words) SELECT frame_id, words FROM frame_said WHERE frame_id = new.id;
END;
CREATE TRIGGER frames_said_anew AFTER UPDATE OF body, load_id, number ON frames BEGIN
	UPDATE frame_words SET words = (SELECT words FROM frame_said WHERE frame_id = new.id) WHERE frame_id = new.id;
END;
CREATE TRIGGER loads_said_anew AFTER UPDATE OF body, camera_id, film_id ON loads
WHEN old.camera_id <> new.camera_id OR old.film_id <> new.film_id
	OR json_extract(old.body, '$.countsFrom') IS NOT json_extract(new.body, '$.countsFrom')
BEGIN
	UPDATE frame_words SET words = said.words
	FROM frame_said AS said WHERE said.frame_id = frame_words.frame_id AND said.load_id = new.id;
END;
CREATE TRIGGER cameras_said_anew AFTER UPDATE OF name ON cameras WHEN old.name <> new.name BEGIN
	UPDATE frame_words SET words = said.words
	FROM frame_said AS said WHERE said.frame_id = frame_words.frame_id AND said.camera_id = new.id;
END;
CREATE TRIGGER films_said_anew AFTER UPDATE OF name ON films WHEN old.name <> new.name BEGIN
	UPDATE frame_words SET words = said.words
	FROM frame_said AS said WHERE said.frame_id = frame_words.frame_id AND said.film_id = new.id;
END;
