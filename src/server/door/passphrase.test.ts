import { expect, test } from 'vitest';
import { wrongWith } from './passphrase';

// Lengths: OWASP ASVS 4.0.3, 2.1.1 (12 at least, several spaces count once) and 2.1.2 (64 allowed, more than 128 not).
test.each([
	['eleven char', false],
	['a    b    c    d', false],
	['', false],
	['x'.repeat(129), false],
	['tall grey herons wading at dawn in the estuary mud and never once looking up', true],
	// Among the most used ones of published lists, or the same with little done to it (from memory).
	['password1234', false],
	['qwertyuiop123', false],
	['123456789012', false],
	['iloveyou1234', false],
	['aaaaaaaaaaaa', false],
	['passwordpassword', false],
	// What anybody would try here.
	['just enough 1', false],
	['justenough123', false],
	['JustEnough2026', false],
	['four grey herons wading', true],
	['t7#Qm!x9pLw2', true]
])('“%s” may be set: %s', async (passphrase, may) => {
	const wrong = await wrongWith(passphrase);
	expect(wrong === null, wrong ?? '').toBe(may);
	if (wrong) expect(wrong).toMatch(/^[A-Z].*[.]$/);
});
