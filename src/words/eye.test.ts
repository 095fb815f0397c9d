import { describe, expect, it } from 'vitest';
import type { Camera } from '../core/camera';
import { foldingInstant } from '../../tests/fixtures/automatic';
import { eyeInWords } from './eye';

const automatic = (iso: number[], positions?: Camera['positions']): Camera =>
	foldingInstant({ positions }, { iso });
const film = (iso: number, processStops?: number) => ({
	name: 'A film',
	type: 'bw-negative' as const,
	iso,
	...(processStops === undefined ? {} : { processStops })
});

describe('which film an eye believes', () => {
	it('says nothing of a camera without an eye', () => {
		expect(eyeInWords({ ...automatic([100]), exposure: { mode: 'manual' } }, film(400))).toBe('');
	});
	// A third of a stop from one film speed to the next of the standard row (ISO 5800, 2240): 640 to 800.
	it('says what it is built for, and how far the film is from that', () => {
		expect(eyeInWords(automatic([640]), film(800))).toBe(
			'Its eye is built for ISO 640; this film is ⅓ stop faster.'
		);
		expect(eyeInWords(automatic([640]), film(160))).toBe(
			'Its eye is built for ISO 640; this film is 2 stops slower.'
		);
		expect(eyeInWords(automatic([640]), film(640))).toBe('Its eye is built for ISO 640.');
		expect(eyeInWords(automatic([640]))).toBe('Its eye is built for ISO 640.');
	});
	it('counts the film as it will be developed', () => {
		expect(eyeInWords(automatic([400]), film(200, 1))).toBe('Its eye is built for ISO 400.');
	});
	it('says where its dial stands, or how far it goes', () => {
		expect(eyeInWords(automatic([75, 150, 300]), film(300))).toBe('Its dial goes from ISO 75 to 300.');
		expect(eyeInWords(automatic([75, 150, 300]), film(800))).toBe(
			'Its dial goes from ISO 75 to 300; this film is 1⅓ stops faster.'
		);
		expect(eyeInWords(automatic([75, 150, 300]), film(300), 150)).toBe(
			'Its dial is at ISO 150; this film is 1 stop faster.'
		);
	});
	it('knows that places of a lever name speeds instead of a dial', () => {
		expect(eyeInWords(automatic([75, 150], [{ label: 'room', iso: 150 }]), film(150))).toBe(
			'Its eye is built for ISO 150.'
		);
	});
});
