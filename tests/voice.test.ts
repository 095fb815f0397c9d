import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { stringsIn, unsaid, wronglySaid } from './fixtures/voice';

/** Texts that were read on screens once, by people who speak the language. Source: common practice. */
const ONCE_SAID = [
	'2 stops more light than this film asks for: a pale picture, but a picture.',
	'1 stop more light than this film asks for, which it likes.',
	'Nearly all come out, about 9 in 10 well.',
	'Held 8 s of 4 s: 1 stop longer.',
	'these differ by 2 stops: is one of them in other light?',
	'Said for a subject at 2 m.',
	'The microphone is not to be had here.',
	'The counter cannot stand there.',
	'Film speeds it can be told',
	'To mind when loading',
	'It gives more than its settings say by',
	'Blur that passes for sharp',
	'One thing needs mending',
	'That takes ⅔ of grey.',
	'82 % of 11 judged frames came out; one that did has cost 2.67. That is few: it proves little.',
	'It shines: straight at the subject',
	'Moved: as is usual for it',
	'What is in the tank: a film that is not in here',
	'Leave it',
	'Let it flash',
	'Keep it and use it for Tin Box'
];

describe('the voice', () => {
	it('knows what is not said', () => {
		for (const text of ONCE_SAID) expect(wronglySaid(text), text).not.toEqual([]);
		expect(unsaid.length).toBeGreaterThan(40);
	});

	it('says nothing of it in any string of the source', () => {
		const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
			.filter((file) => /[.](ts|svelte)$/.test(file) && !/[.](test|d)[.]ts$/.test(file))
			.map((file) => `src/${file}`);
		expect(files.length).toBeGreaterThan(400);
		let strings = 0;
		const found = files.flatMap((file) =>
			stringsIn(file, readFileSync(file, 'utf8')).flatMap(({ line, text }) => {
				strings++;
				return wronglySaid(text).map((wrong) => `${file}:${line} ${wrong}`);
			})
		);
		expect(found).toEqual([]);
		expect(strings).toBeGreaterThan(10_000);
	});
});
