import { json } from '@sveltejs/kit';
import { filmFormats } from '$core/film';
import { onlyAllow } from '$server/api/answers';
import { guarded } from '$server/api/guarded';

export const GET = guarded(() => json({ items: filmFormats, total: filmFormats.length, next: null }));

export const fallback = onlyAllow('GET');
