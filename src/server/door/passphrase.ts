/** Shorter ones are guessed, longer ones are no passphrase any more (OWASP ASVS 4, 2.1.1 and 2.1.2). */
const LEAST = 12;
const MOST = 128;
/** Of 0 to 4, how hard it is to guess: 10 to the 8th tries at least, by the package’s own scale. */
const HARD_ENOUGH = 3;
/** Words that everybody would try here first. */
const OURS = ['just enough', 'just-enough', 'justenough'];

/** What is wrong with a passphrase that is to be set, as a sentence; null where nothing is. */
export async function wrongWith(passphrase: string): Promise<string | null> {
	const length = [...passphrase.replace(/\s+/g, ' ').trim()].length;
	if (length < LEAST) return `Use ${LEAST} characters or more; four words will do.`;
	if (passphrase.length > MOST) return `Use no more than ${MOST} characters.`;
	const [{ ZxcvbnFactory }, { dictionary, adjacencyGraphs }] = await Promise.all([
		import('@zxcvbn-ts/core'),
		import('@zxcvbn-ts/language-common')
	]);
	const judge = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
	const plain = OURS.reduce((rest, word) => rest.replaceAll(word, ''), passphrase.toLowerCase());
	const { score } = judge.check(plain, OURS);
	return score >= HARD_ENOUGH ? null : 'That’s too easy to guess. Use four unrelated words.';
}
