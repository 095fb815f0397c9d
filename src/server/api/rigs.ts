import { json } from '@sveltejs/kit';
import { BUILT_IN } from '$core/flash';
import type { Camera } from '$core/camera';
import { wishProblems } from '$core/match';
import { rigSchema, type Rig } from '$contract/rigs';
import type { Issue } from '$contract/validate';
import { store } from '../store';
import { invalid, notFound, onlyAllow } from './answers';
import { guarded } from './guarded';
import { readChecked } from './read-json';

/** What a rig sets that its camera does not have. */
function settingProblems(camera: Camera, rig: Rig): Issue[] {
	const { position, aperture, seconds, handTimed, manual, compensation, iso } = rig;
	const fixed = { position, aperture, seconds, handTimed, manual, compensation, iso };
	return wishProblems(camera, fixed).map(({ path, message }) => ({
		path: path.replace('intent.', ''),
		message
	}));
}

/** Things of the bag that a rig names and that are not there. */
function thingProblems(camera: Camera, { filters = [], flash, closeUp }: Rig): Issue[] {
	const { gear } = store();
	const lacks = (type: string, id: string) => gear.get(id.toLowerCase())?.type !== type;
	const problem = (path: string, message: string): Issue => ({ path, message });
	const unknownFilters = filters.flatMap((id, at) =>
		lacks('filter', id) ? problem(`filters.${at}`, 'there is no such filter') : []
	);
	const noFlash = flash && (flash.id === BUILT_IN ? !camera.flash : lacks('flash', flash.id));
	return [
		...unknownFilters,
		...(noFlash ? [problem('flash.id', 'there is no such flash')] : []),
		...(closeUp && lacks('close-up', closeUp) ? [problem('closeUp', 'there is no such close-up lens')] : [])
	];
}

const PUT = guarded(async ({ params, request }) => {
	const { loads, cameras } = store();
	const id = (params.id ?? '').toLowerCase();
	const load = loads.get(id);
	if (!load) return notFound('load');
	const read = await readChecked(request, rigSchema);
	if ('answer' in read) return read.answer;
	const camera = cameras.get(load.cameraId)!;
	const issues = [...settingProblems(camera, read.asked), ...thingProblems(camera, read.asked)];
	if (issues.length > 0) return invalid(issues);
	return json(loads.setAside(id, 'rig', read.asked));
});

/** What is on the camera of a load: the last one who writes it is right. */
export const rigHandlers = { PUT, fallback: onlyAllow('PUT') };
