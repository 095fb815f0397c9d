import { array, object, string } from 'yup';
import type { Filter } from '$core/camera';
import type { CardSize } from '$words/cards';
import { notFound } from '../api/answers';
import { asFile } from '../api/file-name';
import { guarded } from '../api/guarded';
import { inThread } from '../heavy/pool';
import { store } from '../store';
import { asUsed } from '$views/learn/learnt';
import { viewRecords } from '../views/records';

const asked = object({
	size: string<CardSize>().oneOf(['bank', 'a6']),
	filter: array(string().uuid().required()).max(8)
});

interface Asked {
	size?: CardSize;
	filter?: string[];
}

function fileOf(body: string | Uint8Array, ending: string, name: string): Response {
	const isPdf = ending === 'pdf';
	return new Response(typeof body === 'string' ? body : new Uint8Array(body), {
		headers: {
			'content-type': isPdf ? 'application/pdf' : 'image/svg+xml; charset=utf-8',
			...asFile(name, ending, 'card', true),
			// A picture, never a program.
			'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'"
		}
	});
}

/**
 * The pocket card of a camera and a film of the bag as a file.
 *
 * The file is the film's id with .svg or .pdf; the query may hold `size` and, any number of times, `filter`:
 * the id of a filter that is mounted.
 */
export const cardFile = guarded<Asked>(async ({ params }, { size = 'bank', filter: ids = [] }) => {
	const { cameraId = '', file = '' } = params;
	const [, filmId, ending] = /^(.+)\.(svg|pdf)$/.exec(file) ?? [];
	if (!ending) return notFound('card: it ends in .svg or .pdf');
	const { camera, film } = await asUsed(viewRecords(), cameraId, filmId);
	if (!camera) return notFound('camera');
	if (!film) return notFound('film');
	const pieces = ids.map((id) => store().gear.get(id));
	const filters = pieces.filter((piece) => piece?.type === 'filter') as Filter[];
	if (filters.length < ids.length) return notFound('filter');
	const made = await inThread('card', ending as 'svg' | 'pdf', camera, film, filters, size);
	return fileOf(made, ending, `${camera.name} ${film.name}`);
}, asked);
