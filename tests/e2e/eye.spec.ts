import { firedBy } from '../fixtures/eyes';
import { expect, test } from './app';

/** An eye is measured with the empty camera. */

test('a script measures an eye by its firings, and hears what is wrong with its question', async ({
	request
}) => {
	// By hand: a cell that has lost a tenth of its slope, with a wheel that does four fifths of what is written on it.
	const firings = firedBy(
		{
			...{ slope: 0.9, fastest: 1 / 125, slowest: 1, brightest: 1 / 40, leak: 1 / 512, scatter: 0.1 },
			...{ wheel: { [-1]: -0.8, [-0.5]: -0.4, 0.5: 0.4, 1: 0.8 }, timing: 0.001 }
		},
		0.2
	);
	const post = (data: object) => request.post('/api/bench/eye', { data });
	const told = await (await post({ firings })).json();
	expect(Math.abs(told.slope.value - 0.9)).toBeLessThan(0.05);
	expect(told.fastest.reached && told.slowest.reached).toBe(true);
	expect(Math.abs(Math.log2(told.slowest.seconds))).toBeLessThan(1 / 6);
	expect(Math.abs(Math.log2(told.fastest.seconds * 125))).toBeLessThan(1 / 3);
	for (const { place, value } of told.wheel) expect(Math.abs(value - 0.8 * place)).toBeLessThan(0.2);
	for (const [data, path] of [
		[{}, 'firings'],
		[{ firings: firings.map((each) => ({ ...each, fraction: 1 })) }, 'firings'],
		[{ firings: [{ ...firings[0], seconds: 0 }, ...firings] }, 'firings.0.seconds'],
		[{ firings, timing: { sd: 0.001, period: 1 } }, 'firings']
	] as const) {
		const answer = await post(data);
		expect(answer.status()).toBe(422);
		expect((await answer.json()).issues).toContainEqual(expect.objectContaining({ path }));
	}
});
