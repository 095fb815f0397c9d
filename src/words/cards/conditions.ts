import type { Light } from '../../core/light';

/** What a card draws beside a condition. */
export type CardPicture = 'sand' | 'sharp' | 'soft' | 'faint' | 'none' | 'shade' | 'indoors' | 'street';

/** A light that a pocket card has a row for, in words and picture. */
export interface CardCondition {
	words: string;
	picture: CardPicture;
	light: Light;
	/** Whether it stands on the small card, too. */
	small: boolean;
}

const edge = (condition: 'sharp' | 'soft' | 'faint' | 'none'): Light => ({
	method: 'shadows',
	school: 'shadow-edge',
	condition
});

/** From the brightest to the dimmest; the shadow edge, as it needs no name for the weather. */
export const cardConditions: readonly CardCondition[] = [
	{
		words: 'sun on sand or snow',
		picture: 'sand',
		light: { method: 'shadows', school: 'exposure-guide', condition: 'snow-or-sand' },
		small: false
	},
	{ words: 'sharp, dark shadows', picture: 'sharp', light: edge('sharp'), small: true },
	{ words: 'soft-edged shadows', picture: 'soft', light: edge('soft'), small: true },
	{ words: 'shadows barely there', picture: 'faint', light: edge('faint'), small: true },
	{ words: 'no shadows, grey', picture: 'none', light: edge('none'), small: true },
	{
		words: 'deep shade, a tree',
		picture: 'shade',
		light: { method: 'shadows', school: 'sky-cover', condition: 'deep-shade' },
		small: true
	},
	{
		words: 'bright street at night',
		picture: 'street',
		light: { method: 'place', place: 'bright-street' },
		small: false
	},
	{
		words: 'at home, evening',
		picture: 'indoors',
		light: { method: 'place', place: 'home-interior' },
		small: true
	}
];
