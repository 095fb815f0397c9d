import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera, losesNothing } from '../../../../tests/fixtures/bag';
import { oneMoreFor, twoMoreFor, usesOf, type PackQuestion } from '.';

/** f/11, any time from 1/100 s to 8 s. */
const box = fixedCamera({
	name: 'Quay Box',
	shutter: { kind: 'range', fastest: 1 / 100, slowest: 8 },
	handHold: 1 / 50
});
const question: PackQuestion = {
	cameras: [{ camera: box }],
	films: [{ film: filmOf('reversal', 100, losesNothing), frames: 12 }],
	filters: [],
	tripod: false,
	scenes: [
		{ name: 'Slip', light: { ev: 9, sd: 0.3 }, frames: 2 },
		// By hand: at f/11 and ISO 100 EV 7 takes about 1 s; 4 s at least are two stops of a filter, on a support.
		{
			name: 'Trails',
			light: { ev: 7, sd: 0.3 },
			frames: 1,
			intent: { seconds: [4, 8], handheld: false }
		}
	]
};

describe('two things more', () => {
	it('are a support and a filter for trails that are too bright', () => {
		expect(question.scenes.map((scene) => usesOf(question, scene).length)).toEqual([0, 0]);
		const single = oneMoreFor(question, [0, 1]);
		expect(single.find(({ extra }) => extra.kind === 'support')?.scenes).toEqual([0]);
		const [first] = twoMoreFor(question, [1]);
		expect(first.extras[0]).toEqual({ kind: 'support' });
		expect(first.extras[1].kind).toBe('filter');
		expect(first.scenes).toEqual([1]);
	});

	it('are none where nothing covers, and name each scene once', () => {
		const dark = { ...question.scenes[0], light: { ev: -15, sd: 0.3 } };
		expect(twoMoreFor({ ...question, scenes: [dark] }, [0])).toEqual([]);
		const two = twoMoreFor({ ...question, scenes: [question.scenes[1], question.scenes[1]] }, [0, 1]);
		expect(two.flatMap(({ scenes }) => scenes)).toEqual([0, 1]);
	});
});
