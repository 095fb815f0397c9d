import { json } from '@sveltejs/kit';
import { object, string } from 'yup';
import { onlyAllow } from '$server/api/answers';
import { guarded } from '$server/api/guarded';
import { inThread } from '$server/heavy/pool';

const asked = object({ name: string().required().trim().min(2).max(80) });

export const GET = guarded<{ name: string }>(
	async (_, { name }) => json({ items: await inThread('townsNamed', name) }),
	asked
);

export const fallback = onlyAllow('GET');
