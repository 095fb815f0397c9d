// Writes THIRD-PARTY-NOTICES.txt: the licences of all packages that are shipped.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { licenceOf, shippedPackages } from './notices/shipped.mjs';
import { install, main, root } from './steps.mjs';

const RULE = '='.repeat(80);

await main(() => {
	install();
	const texts = new Map();
	for (const name of shippedPackages()) {
		const { kind, text } = licenceOf(name);
		const key = `Licence: ${kind}\n\n${text || `The package ships no text of its licence (${kind}).`}`;
		texts.set(key, [...(texts.get(key) ?? []), name]);
	}
	const parts = [...texts].map(([text, names]) => `${names.join('\n')}\n\n${text}\n`);
	const head = 'Just Enough ships these packages. Each is under its own licence, as follows.\n';
	writeFileSync(join(root, 'THIRD-PARTY-NOTICES.txt'), [head, ...parts].join(`\n${RULE}\n\n`));
});
