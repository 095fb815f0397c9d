import { array, object, string } from 'yup';
import type { Filter } from '$core/camera';
import { cardSvg, pocketCard, type CardSize } from '$core/cards';
import { check } from '$contract/validate';
import { invalid, notFound } from '../api/answers';
import { plainName } from '../api/file-name';
import { store } from '../store';
import { pdfOf } from './pdf';

const asked = object({
	size: string<CardSize>().oneOf(['bank', 'a6']),
	filters: array(string().uuid().required()).max(8)
});

async function fileOf(svg: string, ending: string, name: string): Promise<Response> {
	const isPdf = ending === 'pdf';
	const body = isPdf ? new Uint8Array(await pdfOf(svg)) : svg;
	return new Response(body, {
		headers: {
			'content-type': isPdf ? 'application/pdf' : 'image/svg+xml; charset=utf-8',
			'content-disposition': `inline; filename="${plainName(name, 'card')}.${ending}"`,
			// A picture, never a program.
			'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'"
		}
	});
}

/**
 * The pocket card of a camera and a film of the bag as a file.
 *
 * @param file the film's id with .svg or .pdf
 * @param query `size` and, any number of times, `filter`: the id of a filter that is mounted
 */
export async function cardFile(cameraId: string, file: string, query: URLSearchParams): Promise<Response> {
	const [, filmId, ending] = /^(.+)\.(svg|pdf)$/.exec(file) ?? [];
	if (!ending) return notFound('card: it ends in .svg or .pdf');
	const checked = check<{ size?: CardSize; filters: string[] }>(asked, {
		size: query.get('size') ?? undefined,
		filters: query.getAll('filter')
	});
	if (!checked.ok) return invalid(checked.issues);
	const { size = 'bank', filters: ids } = checked.value;
	const [camera, film] = [store().cameras.get(cameraId), store().films.get(filmId)];
	if (!camera) return notFound('camera');
	if (!film) return notFound('film');
	const pieces = ids.map((id) => store().gear.get(id));
	const filters = pieces.filter((piece) => piece?.type === 'filter') as Filter[];
	if (filters.length < ids.length) return notFound('filter');
	return fileOf(
		cardSvg(pocketCard(camera, film, filters, size), size),
		ending,
		`${camera.name} ${film.name}`
	);
}
