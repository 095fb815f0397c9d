import { describe, expect, it } from 'vitest';
import { twinLens } from '../../../tests/fixtures/automatic';
import { filmOf } from '../../../tests/fixtures/bag';
import { trialOf } from '../bench';
import { dialSpeeds, type Position } from '../camera';
import { nothingToSet } from '../../words';
import { match, reach, wishProblems } from '.';

const film = filmOf('instant', 160);
const withLever = (positions: Position[]) => twinLens({ positions }, { iso: [75, 150, 300] });
const bothAt150 = withLever([
	{ label: 'sun', iso: 150 },
	{ label: 'cloud', iso: 150 }
]);

describe('a lever that names film speeds', () => {
	it('leaves of the dial what it names, and what places without a name leave free', () => {
		expect(dialSpeeds(bothAt150)).toEqual([150]);
		expect(dialSpeeds(withLever([{ label: 'sun', iso: 150 }, { label: 'flash' }]))).toEqual([150, 75, 300]);
		expect(dialSpeeds(twinLens())).toEqual([800]);
	});

	it('is not asked for a speed that it never has', () => {
		expect(wishProblems(bothAt150, { iso: 75 })).toMatchObject([{ path: 'intent.iso' }]);
		expect(wishProblems(bothAt150, { iso: 150 })).toEqual([]);
	});

	it('is answered for every speed that it has, in match, reach and trial', () => {
		for (const camera of [bothAt150, withLever([{ label: 'sun', iso: 150 }, { label: 'flash' }])]) {
			for (const iso of dialSpeeds(camera)) {
				const { best, settings } = match(camera, film, { ev: 9 }, {}, { iso });
				expect(best.iso).toBe(iso);
				expect(settings.every((each) => each.iso === iso)).toBe(true);
			}
			expect(reach(camera, film).lanes.length).toBeGreaterThan(0);
			const speeds = trialOf(camera, film)!.frames.map(({ iso }) => iso);
			expect([...new Set(speeds)].sort()).toEqual([...dialSpeeds(camera)].sort());
			expect(nothingToSet(camera)).toBe(false);
		}
	});
});
