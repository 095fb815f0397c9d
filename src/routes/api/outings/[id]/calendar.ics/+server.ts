import { notFound, onlyAllow } from '$server/api/answers';
import { plainName } from '$server/api/file-name';
import { guarded } from '$server/api/guarded';
import { everything } from '$server/everything';
import { inThread } from '$server/heavy/pool';
import { store } from '$server/store';

export const GET = guarded(async ({ params }) => {
	const { outings, cameras, films } = store();
	const outing = outings.get(params.id!.toLowerCase());
	if (!outing) return notFound('outing');
	const bag = { cameras: everything(cameras), films: everything(films) };
	return new Response(await inThread('calendar', outing, bag, new Date()), {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			'content-disposition': `attachment; filename="${plainName(outing.name, 'outing')}.ics"`
		}
	});
});

export const fallback = onlyAllow('GET');
