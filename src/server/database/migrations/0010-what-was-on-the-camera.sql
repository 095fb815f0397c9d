-- What is on a camera belongs to its load, and is written by itself, whoever wrote last.

ALTER TABLE loads ADD COLUMN rig TEXT CHECK (rig IS NULL OR json_valid(rig));

-- Whose a frame's time was is said, and no longer told from the time. Frames that are kept have what was told
-- of them so far: the hand's where only bulb reaches it, the shutter's or the eye's where they do.
WITH timed AS (
	SELECT
		frames.id AS frame,
		cameras.body AS camera,
		json_extract(frames.body, '$.settings.seconds') AS seconds
	FROM frames
	JOIN loads ON loads.id = frames.load_id
	JOIN cameras ON cameras.id = loads.camera_id
),
shutters AS (
	SELECT frame, camera, seconds,
		CASE json_extract(camera, '$.shutter.kind')
			WHEN 'fixed' THEN abs(json_extract(camera, '$.shutter.seconds') / seconds - 1) < 1e-6
			WHEN 'speeds' THEN EXISTS (
				SELECT 1 FROM json_each(camera, '$.shutter.seconds') AS speed WHERE abs(speed.value / seconds - 1) < 1e-6
			)
			ELSE seconds >= json_extract(camera, '$.shutter.fastest') * (1 - 1e-6)
				AND seconds <= json_extract(camera, '$.shutter.slowest') * (1 + 1e-6)
		END AS has,
		coalesce(json_array_length(camera, '$.positions'), 0) AS places
	FROM timed
),
told AS (
	SELECT frame,
		json_type(camera, '$.bulb') IN ('true', 'object')
		AND seconds >= 0.5 * (1 - 1e-6)
		AND seconds <= coalesce(json_extract(camera, '$.bulb.longest'), 3600) * (1 + 1e-6)
		AND NOT (
			CASE places
				WHEN 0 THEN has
				ELSE EXISTS (
					SELECT 1 FROM json_each(camera, '$.positions') AS place
					WHERE CASE
						WHEN json_extract(place.value, '$.seconds') IS NULL THEN has
						ELSE abs(json_extract(place.value, '$.seconds') / seconds - 1) < 1e-6
					END
				)
			END
		) AS by_hand
	FROM shutters
)
UPDATE frames
SET body = json_set(
	body,
	'$.settings.handTimed', json(CASE WHEN told.by_hand THEN 'true' ELSE 'false' END),
	'$.predicted.handTimed', json(CASE WHEN told.by_hand THEN 'true' ELSE 'false' END)
)
FROM told
WHERE told.frame = frames.id;

-- What spoiled a frame has a measure now; of those that are kept it is not known.
UPDATE frames
SET body = json_set(body, '$.predicted.spoilers', json((
	SELECT json_group_array(json_object('kind', spoiler.value, 'by', NULL))
	FROM json_each(body, '$.predicted.spoilers') AS spoiler
)))
WHERE json_type(body, '$.predicted.spoilers[0]') = 'text';

-- Filters and flashes are the records that they are copies of, where just one has the name.
UPDATE frames
SET body = json_set(body, '$.filters', json((
	SELECT json_group_array(
		CASE
			WHEN (SELECT count(*) FROM gear WHERE kind = 'filter' AND name = json_extract(worn.value, '$.name')) = 1
			THEN json_set(worn.value, '$.id', (SELECT id FROM gear WHERE kind = 'filter' AND name = json_extract(worn.value, '$.name')))
			ELSE json(worn.value)
		END
	)
	FROM json_each(body, '$.filters') AS worn
)))
WHERE json_type(body, '$.filters') = 'array';

UPDATE frames
SET body = json_set(body, '$.flash.id', (
	SELECT id FROM gear WHERE kind = 'flash' AND name = json_extract(frames.body, '$.flash.name')
))
WHERE (SELECT count(*) FROM gear WHERE kind = 'flash' AND name = json_extract(frames.body, '$.flash.name')) = 1;

-- A scene that was packed carries its filters as they are; one whose filter is gone was taken without it before, too.
UPDATE outings
SET body = json_set(body, '$.scenes', json((
	SELECT json_group_array(
		CASE json_type(scene.value, '$.take.filters')
			WHEN 'array' THEN json_set(scene.value, '$.take.filters', json((
				SELECT json_group_array(json_set(json_remove(gear.body, '$.type'), '$.id', gear.id))
				FROM json_each(scene.value, '$.take.filters') AS named
				JOIN gear ON gear.id = (SELECT min(id) FROM gear WHERE kind = 'filter' AND name = named.value)
			)))
			ELSE json(scene.value)
		END
	)
	FROM json_each(body, '$.scenes') AS scene
)))
WHERE EXISTS (
	SELECT 1 FROM json_each(body, '$.scenes') AS scene WHERE json_type(scene.value, '$.take.filters') = 'array'
);

-- Flashes that go with a camera, by their ids.
UPDATE cameras
SET body = json_set(body, '$.flashes', json((
	SELECT json_group_array(gear.id)
	FROM json_each(cameras.body, '$.flashes') AS named
	JOIN gear ON gear.kind = 'flash' AND gear.name = named.value
)))
WHERE json_type(body, '$.flashes') = 'array';
