import { describe, expect, it } from 'vitest';
import { needsOf, type Outing } from '.';

const scene = (frames: number, cameraId: string | null, filmId = 'slide') => ({
	id: `${frames}`,
	name: 'Slip',
	at: '12:00',
	light: { by: 'ev' as const, ev: 13, sd: 0.3 },
	frames,
	...(cameraId === null ? {} : { take: { cameraId, filmId } })
});
const outing = (date: string, ...scenes: Outing['scenes']): Outing => ({
	name: date,
	date,
	where: { latitude: 54.6, longitude: -4.2 },
	scenes
});
const told = (needs: ReturnType<typeof needsOf>) =>
	needs.map(({ outing, filmId, packs }) => [outing.name, filmId, packs]);

describe('what outings take of each film', () => {
	// By hand: 5 of 12 are in the box. June: 4 of them, then 9 of a new roll, 3 of which are left for July, where
	// nothing is in the other camera.
	it('is what is in the cameras first, then whole packs, one outing after another', () => {
		const inside = [{ cameraId: 'box', filmId: 'slide', frames: 5 }];
		const june = outing('2026-06-01', scene(4, 'box'), scene(10, 'box'));
		const july = outing('2026-07-01', scene(3, 'box'), scene(1, 'other', 'instant'));
		expect(told(needsOf([july, june], inside, (film) => (film === 'slide' ? 12 : 8)))).toEqual([
			['2026-06-01', 'slide', 1],
			['2026-07-01', 'slide', 0],
			['2026-07-01', 'instant', 1]
		]);
	});

	it('is nothing for a scene that nothing was packed for', () => {
		expect(needsOf([outing('2026-06-01', scene(4, null))], [], () => 12)).toEqual([]);
	});
});
