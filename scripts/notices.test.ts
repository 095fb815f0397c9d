import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { licenceOf, shippedPackages } from './notices/shipped.mjs';
import { root } from './steps.mjs';

const notices = readFileSync(join(root, 'THIRD-PARTY-NOTICES.txt'), 'utf8').split('\n');

describe('the notices', () => {
	it('name every package that is shipped; `npm run notices` writes them', () => {
		const missing = shippedPackages().filter((name) => !notices.includes(name));
		expect(missing).toEqual([]);
		expect(shippedPackages()).toEqual(
			expect.arrayContaining(['svelte', 'yup', 'better-sqlite3', 'apexcharts'])
		);
	});

	it('are of licences that let us ship', () => {
		const allowed =
			/MIT|ISC|BSD|Apache-2\.0|OFL-1\.1|CC0|CC-BY|0BSD|Unlicense|MPL-2\.0|BlueOak|LGPL|Permission is hereby granted/;
		for (const name of shippedPackages()) {
			const { kind, text } = licenceOf(name);
			expect(`${kind} ${text}`, name).toMatch(allowed);
		}
	});
});
