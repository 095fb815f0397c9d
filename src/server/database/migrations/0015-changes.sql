-- What changed since: each record once, under the number of its last change, kept by the same writes as the records
-- themselves. A number is never given twice; a record that was deleted leaves its name here.

CREATE TABLE changes (
	seq INTEGER PRIMARY KEY AUTOINCREMENT,
	kind TEXT NOT NULL,
	record_id TEXT NOT NULL,
	deleted INTEGER NOT NULL DEFAULT 0,
	UNIQUE (kind, record_id)
);

-- Whose numbers they are: those of a database that was restored are others.
CREATE TABLE lineage (id TEXT NOT NULL);
INSERT INTO lineage VALUES (lower(hex(randomblob(16))));

-- What others name comes before what names it; of the rest the newest first.
INSERT INTO changes (kind, record_id) SELECT 'cameras', id FROM cameras ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'films', id FROM films ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'gear', id FROM gear ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'places', id FROM places ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'recipes', id FROM recipes ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'readings', id FROM readings ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'exercises', id FROM exercises ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'outings', id FROM outings ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'loads', id FROM loads ORDER BY loaded_at DESC, id;
INSERT INTO changes (kind, record_id) SELECT 'measurements', id FROM measurements ORDER BY id;
INSERT INTO changes (kind, record_id) SELECT 'frames', id FROM frames ORDER BY taken_at DESC, id;

CREATE TRIGGER cameras_added AFTER INSERT ON cameras BEGIN
	DELETE FROM changes WHERE kind = 'cameras' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('cameras', new.id, 0);
END;

CREATE TRIGGER cameras_changed AFTER UPDATE ON cameras BEGIN
	DELETE FROM changes WHERE kind = 'cameras' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('cameras', new.id, 0);
END;

CREATE TRIGGER cameras_gone AFTER DELETE ON cameras BEGIN
	DELETE FROM changes WHERE kind = 'cameras' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('cameras', old.id, 1);
END;

CREATE TRIGGER films_added AFTER INSERT ON films BEGIN
	DELETE FROM changes WHERE kind = 'films' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('films', new.id, 0);
END;

CREATE TRIGGER films_changed AFTER UPDATE ON films BEGIN
	DELETE FROM changes WHERE kind = 'films' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('films', new.id, 0);
END;

CREATE TRIGGER films_gone AFTER DELETE ON films BEGIN
	DELETE FROM changes WHERE kind = 'films' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('films', old.id, 1);
END;

CREATE TRIGGER gear_added AFTER INSERT ON gear BEGIN
	DELETE FROM changes WHERE kind = 'gear' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('gear', new.id, 0);
END;

CREATE TRIGGER gear_changed AFTER UPDATE ON gear BEGIN
	DELETE FROM changes WHERE kind = 'gear' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('gear', new.id, 0);
END;

CREATE TRIGGER gear_gone AFTER DELETE ON gear BEGIN
	DELETE FROM changes WHERE kind = 'gear' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('gear', old.id, 1);
END;

CREATE TRIGGER places_added AFTER INSERT ON places BEGIN
	DELETE FROM changes WHERE kind = 'places' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('places', new.id, 0);
END;

CREATE TRIGGER places_changed AFTER UPDATE ON places BEGIN
	DELETE FROM changes WHERE kind = 'places' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('places', new.id, 0);
END;

CREATE TRIGGER places_gone AFTER DELETE ON places BEGIN
	DELETE FROM changes WHERE kind = 'places' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('places', old.id, 1);
END;

CREATE TRIGGER recipes_added AFTER INSERT ON recipes BEGIN
	DELETE FROM changes WHERE kind = 'recipes' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('recipes', new.id, 0);
END;

CREATE TRIGGER recipes_changed AFTER UPDATE ON recipes BEGIN
	DELETE FROM changes WHERE kind = 'recipes' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('recipes', new.id, 0);
END;

CREATE TRIGGER recipes_gone AFTER DELETE ON recipes BEGIN
	DELETE FROM changes WHERE kind = 'recipes' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('recipes', old.id, 1);
END;

CREATE TRIGGER readings_added AFTER INSERT ON readings BEGIN
	DELETE FROM changes WHERE kind = 'readings' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('readings', new.id, 0);
END;

CREATE TRIGGER readings_changed AFTER UPDATE ON readings BEGIN
	DELETE FROM changes WHERE kind = 'readings' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('readings', new.id, 0);
END;

CREATE TRIGGER readings_gone AFTER DELETE ON readings BEGIN
	DELETE FROM changes WHERE kind = 'readings' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('readings', old.id, 1);
END;

CREATE TRIGGER exercises_added AFTER INSERT ON exercises BEGIN
	DELETE FROM changes WHERE kind = 'exercises' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('exercises', new.id, 0);
END;

CREATE TRIGGER exercises_changed AFTER UPDATE ON exercises BEGIN
	DELETE FROM changes WHERE kind = 'exercises' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('exercises', new.id, 0);
END;

CREATE TRIGGER exercises_gone AFTER DELETE ON exercises BEGIN
	DELETE FROM changes WHERE kind = 'exercises' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('exercises', old.id, 1);
END;

CREATE TRIGGER outings_added AFTER INSERT ON outings BEGIN
	DELETE FROM changes WHERE kind = 'outings' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('outings', new.id, 0);
END;

CREATE TRIGGER outings_changed AFTER UPDATE ON outings BEGIN
	DELETE FROM changes WHERE kind = 'outings' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('outings', new.id, 0);
END;

CREATE TRIGGER outings_gone AFTER DELETE ON outings BEGIN
	DELETE FROM changes WHERE kind = 'outings' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('outings', old.id, 1);
END;

CREATE TRIGGER loads_added AFTER INSERT ON loads BEGIN
	DELETE FROM changes WHERE kind = 'loads' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('loads', new.id, 0);
END;

CREATE TRIGGER loads_changed AFTER UPDATE ON loads BEGIN
	DELETE FROM changes WHERE kind = 'loads' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('loads', new.id, 0);
END;

CREATE TRIGGER loads_gone AFTER DELETE ON loads BEGIN
	DELETE FROM changes WHERE kind = 'loads' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('loads', old.id, 1);
END;

CREATE TRIGGER measurements_added AFTER INSERT ON measurements BEGIN
	DELETE FROM changes WHERE kind = 'measurements' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('measurements', new.id, 0);
END;

CREATE TRIGGER measurements_changed AFTER UPDATE ON measurements BEGIN
	DELETE FROM changes WHERE kind = 'measurements' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('measurements', new.id, 0);
END;

CREATE TRIGGER measurements_gone AFTER DELETE ON measurements BEGIN
	DELETE FROM changes WHERE kind = 'measurements' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('measurements', old.id, 1);
END;

CREATE TRIGGER frames_added AFTER INSERT ON frames BEGIN
	DELETE FROM changes WHERE kind = 'frames' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('frames', new.id, 0);
END;

CREATE TRIGGER frames_changed AFTER UPDATE ON frames BEGIN
	DELETE FROM changes WHERE kind = 'frames' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('frames', new.id, 0);
END;

CREATE TRIGGER frames_gone AFTER DELETE ON frames BEGIN
	DELETE FROM changes WHERE kind = 'frames' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('frames', old.id, 1);
END;
