import { describe, expect, it } from 'vitest';
import { standingInWords, type OnShelf } from './shelf';

const shelved: OnShelf = {
	...{ id: '1', camera: 'Wedge', film: 'Wrack 640', loadedAt: '2026-05-02T10:00:00Z' },
	...{ inCamera: false, holds: 8, taken: 8, judged: 0, toDevelop: false }
};

describe('a load on the shelf', () => {
	it.each<[Partial<OnShelf>, string]>([
		[{ inCamera: true, taken: 5 }, '5 of 8, in the camera'],
		[{ inCamera: true, taken: 0 }, '0 of 8, in the camera'],
		[{ taken: 0 }, 'nothing logged'],
		[{ taken: 0, toDevelop: true }, 'nothing logged'],
		[{ toDevelop: true }, '8 frames, to develop'],
		[{ taken: 1, judged: 1 }, 'one frame, judged'],
		[{ judged: 8 }, '8 frames, judged'],
		[{ judged: 6 }, '8 frames, 2 to judge'],
		[{}, '8 frames, to judge']
	])('%o', (change, words) => expect(standingInWords({ ...shelved, ...change })).toBe(words));
});
