import { cardFrom, type Drill } from './card';

/** What asks for the wheel, and which way; common practice. */
const situations = [
	{ words: 'The last print came out too dark.', way: 'lighten', why: 'The print needs more light.' },
	{ words: 'The last print came out too light.', way: 'darken', why: 'The print needs less light.' },
	{
		words: 'Snow fills the frame, and the eye takes it for grey.',
		way: 'lighten',
		why: 'The eye renders white as grey: it underexposes.'
	},
	{
		words: 'A black coat fills the frame, and the eye takes it for grey.',
		way: 'darken',
		why: 'The eye renders black as grey: it overexposes.'
	},
	{
		words: 'A face against a bright sky, and the face matters.',
		way: 'lighten',
		why: 'The sky fools the eye, and the face is underexposed.'
	},
	{
		words: 'An ND filter is on the lens but not on the eye.',
		way: 'lighten',
		why: 'The eye doesn’t see the filter.'
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
