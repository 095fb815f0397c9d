import { describe, expect, it } from 'vitest';
import { filmOfSpeedInWords, markedSpeed, speedInWords } from './speed';

describe('film speeds in words', () => {
	// Source: the standard's series of thirds (ISO 5800, from memory).
	it('are said as boxes have them', () => {
		expect(markedSpeed(24.6)).toBe(25);
		expect(markedSpeed(150)).toBe(160);
		expect(speedInWords({ iso: 25, good: [17.7, 50], usable: [12.5, 100], films: [] })).toBe(
			'About ISO 25. ISO 20 to 50 is just enough, ISO 12 to 100 usable.'
		);
		expect(speedInWords({ iso: 160, good: [150, 170], usable: [150, 170], films: [] })).toBe(
			'About ISO 160. ISO 160 is just enough.'
		);
		expect(speedInWords({ iso: 160, good: null, usable: [120, 220], films: [] })).toBe(
			'About ISO 160. ISO 125 to 200 is usable.'
		);
		expect(speedInWords({ iso: 160, good: null, usable: null, films: [] })).toBe('About ISO 160.');
		expect(filmOfSpeedInWords({ type: 'reversal', iso: 50 })).toBe('Slide 50');
	});
});
