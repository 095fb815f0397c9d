import { describe, expect, test } from 'vitest';
import { anyOf, counted, listed } from './language';

describe('the grammar of the language', () => {
	// Source: English grammar: one is singular; none and all others are plural.
	test.each([
		[0, '0 frames'],
		[1, 'one frame'],
		[2, '2 frames'],
		[21, '21 frames']
	])('%i', (count, said) => {
		expect(counted(count, 'one frame', '# frames')).toBe(said);
	});

	test('lists have no comma before the last', () => {
		expect(listed([])).toBe('');
		expect(listed(['a lens'])).toBe('a lens');
		expect(listed(['a lens', 'a filter'])).toBe('a lens and a filter');
		expect(listed(['a lens', 'a filter', 'a flash'])).toBe('a lens, a filter and a flash');
		expect(anyOf(['f/8', 'f/11'])).toBe('f/8 or f/11');
	});
});
