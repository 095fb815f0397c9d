import { notFound, onlyAllow } from '$server/api/answers';
import { asFile } from '$server/api/file-name';
import { guarded } from '$server/api/guarded';
import { store } from '$server/store';
import { shotsCsv } from '$server/shots/csv';

export const GET = guarded(({ params }) => {
	const { loads, cameras, frames } = store();
	const load = loads.get(params.id!.toLowerCase());
	if (!load) return notFound('load');
	const csv = shotsCsv(load, frames.where('load_id', load.id));
	if (csv === null) return notFound('shot on this load');
	const name = `${cameras.get(load.cameraId)?.name ?? 'cine'} shots`;
	return new Response(csv, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			...asFile(name, 'csv', 'shots')
		}
	});
});

export const fallback = onlyAllow('GET');
