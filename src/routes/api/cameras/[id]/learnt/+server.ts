import { json } from '@sveltejs/kit';
import { learntQuerySchema, type LearntQuery } from '$contract/learn';
import { invalid, notFound, onlyAllow } from '$server/api/answers';
import { guarded } from '$server/api/guarded';
import { askedOf, learntOf } from '$server/learnt';
import { store } from '$server/store';

export const GET = guarded<LearntQuery>(async ({ params }, query) => {
	const camera = store().cameras.get(params.id!.toLowerCase());
	if (!camera) return notFound('camera');
	const asked = askedOf(camera, query);
	return 'issues' in asked ? invalid(asked.issues) : json(await learntOf(camera, asked));
}, learntQuerySchema);

export const fallback = onlyAllow('GET');
