import { describe, expect, it } from 'vitest';
import { fixedCamera } from '../../tests/fixtures/bag';
import { aimInWords } from '.';

const camera = fixedCamera({ focalLength: 100, frame: { width: 80, height: 80 } });

describe('where to aim', () => {
	// Source: similar triangles: 50 mm beside a 100 mm lens are 4 mm on the film, a twentieth of 80 mm, at 1.25 m.
	it('is as far beside the subject as the finder stands from the lens, where that takes a twentieth', () => {
		expect(aimInWords({ finder: { above: 50 } }, camera)).toBe('Nearer than 1.3 m aim 5 cm above it.');
		expect(aimInWords({ finder: { above: -20, right: 25 } }, camera)).toContain(
			'2 cm below it and 2.5 cm to its right'
		);
	});

	it('is the person’s own note, and nothing where there is nothing to mind', () => {
		expect(aimInWords({ aim: 'one fifth low' }, camera)).toBe('One fifth low.');
		expect(aimInWords({}, camera)).toBe('');
		expect(aimInWords({ finder: { above: 0 } }, camera)).toBe('');
	});
});
