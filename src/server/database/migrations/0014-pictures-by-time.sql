-- All pictures page by page, the newest first: without this their files are walked through for it.
CREATE INDEX pictures_by_time ON pictures (added_at DESC, id);
