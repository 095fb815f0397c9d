// Prints what the program takes for true beside what is published, and draws it for docs.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { load } from './bundled.mjs';
import { install, main, root } from './steps.mjs';

await main(async () => {
	install();
	const folder = mkdtempSync(join(tmpdir(), 'just-enough-truth-'));
	try {
		const sun = await load('truth', 'sun', folder);
		console.log('The light of the sun on a dome, EV at ISO 100, by its height');
		for (const line of sun.table()) console.log(line);
		console.log('\nAll light of a clear sky on the ground against Janiczek and DeYoung 1987 (from memory)');
		for (const line of sun.residuals()) console.log(line);
		writeFileSync(join(root, 'docs', 'sun.svg'), sun.chart());
		console.log('\nDrawn: docs/sun.svg');
		const learning = await load('truth', 'learning', folder);
		console.log('\nHow often the truth lies in nine tenths of what was learnt');
		for (const line of learning.coverage()) console.log(line);
		console.log(learning.pace());
		console.log('\nPromises against what came out, points that each tenth is off');
		for (const line of learning.promises()) console.log(line);
		const { replays } = await load('truth', 'replays', folder);
		console.log('\nFrames replayed with a change, against the very same frames made again');
		for (const line of replays()) console.log(line);
		const { eyes } = await load('truth', 'eyes', folder);
		console.log('\nEyes of 200 simulated cameras, measured with the empty camera');
		for (const line of eyes()) console.log(line);
		const prints = await load('truth', 'prints', folder);
		console.log('\nPrints with errors up to 1½ stops, in pictures by drawn phones');
		for (const line of prints.judging()) console.log(line);
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
});
