-- What a person set for themselves, whichever device they read it on: one record.

CREATE TABLE settings (
	id TEXT PRIMARY KEY,
	version INTEGER NOT NULL,
	body TEXT NOT NULL CHECK (json_valid(body))
) STRICT;

CREATE TRIGGER settings_added AFTER INSERT ON settings BEGIN
	DELETE FROM changes WHERE kind = 'settings' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('settings', new.id, 0);
END;

CREATE TRIGGER settings_changed AFTER UPDATE ON settings BEGIN
	DELETE FROM changes WHERE kind = 'settings' AND record_id = new.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('settings', new.id, 0);
END;

CREATE TRIGGER settings_gone AFTER DELETE ON settings BEGIN
	DELETE FROM changes WHERE kind = 'settings' AND record_id = old.id;
	INSERT INTO changes (kind, record_id, deleted) VALUES ('settings', old.id, 1);
END;
