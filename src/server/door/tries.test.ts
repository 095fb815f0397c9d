import { assert, array, integer, property, record } from 'fast-check';
import { expect, test } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { Tries } from './tries';

/** A clock that is set. */
function clock() {
	let now = 1_000_000;
	return { now: () => now, pass: (ms: number) => (now += ms) };
}

test('the sixth wrong try in a minute waits, each one after it longer, and up to a minute', () => {
	const { now, pass } = clock();
	const tries = new Tries(now);
	const waits: number[] = [];
	for (let n = 0; n < 12; n++) {
		pass(tries.wait('there') * 1000);
		tries.wrong('there');
		waits.push(tries.wait('there'));
	}
	expect(waits).toEqual([0, 0, 0, 0, 2, 4, 8, 16, 32, 60, 60, 60]);
});

test('others are not slowed down, and a right try or a quiet minute begins anew', () => {
	const { now, pass } = clock();
	const tries = new Tries(now);
	for (let n = 0; n < 7; n++) tries.wrong('there');
	expect(tries.wait('there')).toBe(8);
	expect(tries.wait('here')).toBe(0);
	pass(8000 + 59_999);
	tries.wrong('there');
	expect(tries.wait('there')).toBe(16);
	pass(16_000 + 60_000);
	tries.wrong('there');
	expect(tries.wait('there')).toBe(0);
	for (let n = 0; n < 5; n++) tries.wrong('there');
	expect(tries.wait('there')).toBeGreaterThan(0);
	tries.right('there');
	expect(tries.wait('there')).toBe(0);
});

test('however it is tried, no address is listened to more than nine times in any minute', () => {
	assert(
		property(array(record({ pause: integer({ min: 0, max: 5000 }) }), { maxLength: 200 }), (steps) => {
			const { now, pass } = clock();
			const tries = new Tries(now);
			const listened: number[] = [];
			for (const { pause } of steps) {
				pass(pause);
				if (tries.wait('there') > 0) continue;
				listened.push(now());
				tries.wrong('there');
			}
			for (const begin of listened)
				expect(listened.filter((at) => at >= begin && at < begin + 60_000).length).toBeLessThanOrEqual(9);
		}),
		{ numRuns: draws(100) }
	);
});

test('it forgets the oldest of very many addresses, so that they do not fill the memory', () => {
	const tries = new Tries(() => 0);
	for (let n = 0; n < 20_000; n++) for (let wrong = 0; wrong < 5; wrong++) tries.wrong(`address ${n}`);
	expect(tries.wait('address 0')).toBe(0);
	expect(tries.wait('address 19999')).toBe(2);
});
