import { notFound, onlyAllow } from '$server/api/answers';
import { plainName } from '$server/api/file-name';
import { everything } from '$server/everything';
import { calendarOf } from '$server/outings/calendar';
import { store } from '$server/store';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ params }) => {
	const { outings, cameras, films, gear } = store();
	const outing = outings.get(params.id.toLowerCase());
	if (!outing) return notFound('outing');
	const bag = { cameras: everything(cameras), films: everything(films), gear: everything(gear) };
	return new Response(calendarOf(outing, bag, new Date()), {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			'content-disposition': `attachment; filename="${plainName(outing.name, 'outing')}.ics"`
		}
	});
};

export const fallback = onlyAllow('GET');
