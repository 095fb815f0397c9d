import { townsToCarry } from '$server/places/search';

/** Worked out as the application is built: to make the list takes seconds that nobody is to wait for. */
export const prerender = true;

export const GET = async () =>
	new Response(await townsToCarry(), { headers: { 'content-type': 'application/json' } });
