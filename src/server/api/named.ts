import { asLoaded } from '$core/film';
import type { Issue } from '$contract/validate';
import { namesRecords, type NAMES } from '../heavy/questions';
import { store } from '../store';

type Named = Partial<Record<(typeof NAMES)[number], unknown>> & Record<string, unknown>;

type Found<T> = { record?: T; issues: Issue[] };

/** A record by an id that may be given; what the question brings along itself cannot be named, too. */
function found<T>(
	path: string,
	id: unknown,
	table: { get(id: string): T | undefined },
	brought?: unknown
): Found<T> {
	if (id === undefined) return { issues: [] };
	const what = path.slice(0, -'Id'.length);
	if (brought !== undefined) return { issues: [{ path, message: `give either ${what} or ${path}` }] };
	const record = typeof id === 'string' ? table.get(id.toLowerCase()) : undefined;
	return record ? { record, issues: [] } : { issues: [{ path, message: `there is no such ${what}` }] };
}

/**
 * Puts records of the bag in the place of their ids: a camera, a film, or a load, which is both, its film as
 * its age and its process make it. What the question brings along itself comes before what a load would bring.
 */
function filled({ cameraId, filmId, loadId, ...rest }: Named): { body: Named } | { issues: Issue[] } {
	const { cameras, films, loads } = store();
	const load = found('loadId', loadId, loads);
	const camera = found('cameraId', cameraId, cameras, rest.camera);
	const film = found('filmId', filmId, films, rest.film);
	const issues = [load, camera, film].flatMap((each) => each.issues);
	if (issues.length > 0) return { issues };
	const body: Named = {};
	if (load.record) {
		const { cameraId: its, filmId: holds } = load.record;
		body.camera = cameras.get(its);
		body.film = asLoaded(films.get(holds)!, load.record);
	}
	if (camera.record) body.camera = camera.record;
	if (film.record) body.film = film.record;
	return { body: { ...body, ...rest } };
}

/**
 * A question's text with records in the place of their ids.
 *
 * @returns the text as it came where it names none, or is no question
 */
export function withRecords(text: string): { text: string } | { issues: Issue[] } {
	if (!namesRecords(text)) return { text };
	let body: unknown;
	try {
		body = JSON.parse(text);
	} catch {
		return { text };
	}
	if (typeof body !== 'object' || body === null || Array.isArray(body)) return { text };
	const whole = filled(body as Named);
	return 'issues' in whole ? whole : { text: JSON.stringify(whole.body) };
}
