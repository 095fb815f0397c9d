-- Which pictures there are is told among what changed, too; their bytes are asked for by themselves.

INSERT INTO changes (kind, record_id) SELECT 'pictures', id FROM pictures ORDER BY added_at, id;

CREATE TRIGGER pictures_added AFTER INSERT ON pictures BEGIN
	DELETE FROM changes WHERE kind = 'pictures' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('pictures', new.id, 0);
END;

CREATE TRIGGER pictures_gone AFTER DELETE ON pictures BEGIN
	DELETE FROM changes WHERE kind = 'pictures' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('pictures', old.id, 1);
END;
