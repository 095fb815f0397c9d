import { json } from '@sveltejs/kit';
import { object, string } from 'yup';
import { invalid, onlyAllow } from '$server/api/answers';
import { guarded, queryOf } from '$server/api/guarded';
import { searchPlaces } from '$server/places/search';

const asked = object({ name: string().required().trim().min(2).max(80) });

export const GET = guarded(async ({ url }) => {
	const query = queryOf<{ name: string }>(url.searchParams, asked);
	if (!query.ok) return invalid(query.issues);
	return json({ items: await searchPlaces(query.value.name) });
}, asked);

export const fallback = onlyAllow('GET');
