import { json } from '@sveltejs/kit';
import { object, string } from 'yup';
import { check } from '$contract/validate';
import { invalid, onlyAllow } from '$server/api/answers';
import { searchPlaces } from '$server/places/search';
import type { RequestHandler } from './$types';

const asked = object({ name: string().required().trim().min(2).max(80) });

export const GET: RequestHandler = async ({ url }) => {
	const checked = check<{ name: string }>(asked, { name: url.searchParams.get('name') ?? undefined });
	if (!checked.ok) return invalid(checked.issues);
	return json({ items: await searchPlaces(checked.value.name) });
};

export const fallback = onlyAllow('GET');
