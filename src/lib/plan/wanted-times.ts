import type { Intent } from '$core/match';

/** Times that people plan for. */
export interface WantedTime {
	id: 'any' | 'fast' | 'trails' | 'long';
	name: string;
	seconds?: Intent['seconds'];
}

export const wantedTimes: readonly WantedTime[] = [
	{ id: 'any', name: 'whatever is right' },
	{ id: 'fast', name: '1/250 s or faster', seconds: [null, 1 / 249] },
	{ id: 'trails', name: '4 to 10 s, for trails', seconds: [4, 10] },
	{ id: 'long', name: '1 s and longer', seconds: [1, null] }
];
