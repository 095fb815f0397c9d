import type { CardPicture } from './conditions';

/** Drawings of the lights on 16 × 12, in black line and fill, to be told apart in print at 8 mm. */

const post = '<path d="M8 3.2h1.4v6.2H8z"/>';
const ground = '<path d="M.5 9.4h15" fill="none" stroke="#000" stroke-width=".5"/>';
const sun = '<circle cx="13" cy="2.6" r="1.5" fill="none" stroke="#000" stroke-width=".6"/>';
const cloud = (x: number, y: number) =>
	`<path d="M${x} ${y}a1.2 1.2 0 0 1 2-.8 1.5 1.5 0 0 1 2.6.4.9.9 0 0 1 .2 1.7H${x + 0.4}a.8.8 0 0 1-.4-1.3z" fill="none" stroke="#000" stroke-width=".5"/>`;
const shadow = (opacity: number, edge: string) =>
	`<path d="M8 9.4h1.4L4 11.6H1.2z" fill-opacity="${opacity}" ${edge}/>`;

export const cardPictures: Readonly<Record<CardPicture, string>> = {
	sand: `${sun}<path d="M12.9 5.2v1M10.4 4.4l-.7.7M15.4 4.6l.4.5" fill="none" stroke="#000" stroke-width=".5"/>${post}<path d="M.5 9.4h15" fill="none" stroke="#000" stroke-width=".5" stroke-dasharray=".6 .9"/>${shadow(1, '')}`,
	sharp: `${sun}${post}${ground}${shadow(1, '')}`,
	soft: `${sun}${cloud(9, 2.4)}${post}${ground}${shadow(0.5, 'stroke="#000" stroke-opacity=".25" stroke-width=".9"')}`,
	faint: `${cloud(9.5, 2)}${cloud(2, 3)}${post}${ground}${shadow(0, 'stroke="#000" stroke-width=".35" stroke-dasharray=".5 .6"')}`,
	none: `${cloud(10, 2)}${cloud(5, 1.2)}${cloud(0.6, 3)}${post}${ground}`,
	shade: `<path d="M1 5.4a3 3 0 0 1 3-3 3.4 3.4 0 0 1 6-.6 2.8 2.8 0 0 1 4.6 2.8c0 1.2-1 1.7-2 1.7H3C1.8 6.3 1 6 1 5.4z"/><path d="M11 6h1.3v3.4H11z"/><path d="M6 6.5h1.2v2.9H6z"/>${ground}`,
	street: `<path d="M3.5 9.4V2.5h4" fill="none" stroke="#000" stroke-width=".7"/><circle cx="8" cy="3" r="1.3"/><path d="M10.5 9.4V5l2-1.6 2 1.6v4.4" fill="none" stroke="#000" stroke-width=".5"/>${ground}`,
	indoors: `<path d="M6.4 2h3.2l1.6 3.2H4.8z"/><path d="M8 5.2v4.2M6 9.4h4" fill="none" stroke="#000" stroke-width=".7"/>${ground}`
};
