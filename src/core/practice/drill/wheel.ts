import { cardFrom, type Drill } from './card';

/** What asks for the wheel, and which way; common practice. */
const situations = [
	{ words: 'The last print came out too dark.', way: 'lighten', why: 'The print wants more light.' },
	{ words: 'The last print came out too light.', way: 'darken', why: 'The print wants less light.' },
	{
		words: 'Snow fills the frame, and the eye takes it for grey.',
		way: 'lighten',
		why: 'The eye turns white into grey: it gives too little.'
	},
	{
		words: 'A black coat fills the frame, and the eye takes it for grey.',
		way: 'darken',
		why: 'The eye turns black into grey: it gives too much.'
	},
	{
		words: 'A face against a bright sky, and the face matters.',
		way: 'lighten',
		why: 'The sky makes the eye give the face too little.'
	},
	{
		words: 'A grey filter lies before the lens but not before the eye.',
		way: 'lighten',
		why: 'The eye does not know of the filter.'
	},
	{
		words: 'The film is a stop faster than the eye believes.',
		way: 'darken',
		why: 'The film needs less than the eye gives.'
	}
] as const;

/** Which way the wheel goes, on a camera of the bag that has one. */
export const wheel: Drill = ({ cameras }, chance) => {
	const having = cameras.filter(({ exposure }) => exposure.mode === 'auto' && exposure.compensation);
	if (having.length === 0) return null;
	const { name } = chance.one(having);
	const { words, way, why } = chance.one(situations);
	const towards = (end: string) => `toward ${end}`;
	return cardFrom(
		`${words} Turn the wheel of ${name} …`,
		towards(way),
		[towards(way === 'lighten' ? 'darken' : 'lighten')],
		why,
		(choices) => choices.sort()
	);
};
