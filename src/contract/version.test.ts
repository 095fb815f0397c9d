import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { version } from './version';

it.each(['package.json', 'package-lock.json'])('the version is that of %s', (file) => {
	const found = JSON.parse(readFileSync(new URL(`../../${file}`, import.meta.url), 'utf8'));
	expect(found.version).toBe(version);
});
