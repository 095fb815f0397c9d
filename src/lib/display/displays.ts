/** Three displays, for where one stands; a phone has room for the beginning of the name of one. */
export const displays = [
	{ id: 'sunlit', name: 'Sunlit', short: 'Sun' },
	{ id: 'indoors', name: 'Indoors', short: 'In' },
	{ id: 'dark', name: 'Dark', short: 'Dark' }
] as const;

export type Display = (typeof displays)[number]['id'];

export const DISPLAY_COOKIE = 'display';

/** The display a cookie names; undefined where none was chosen. */
export const displayIn = (value: string | undefined): Display | undefined =>
	displays.find((display) => display.id === value)?.id;

/** The display a cookie names, or the paper look. */
export const displayOf = (value: string | undefined): Display => displayIn(value) ?? 'indoors';

/** How large letters are, as a part of what the browser is set to. */
export const textSizes = [
	{ value: '1', name: 'as the browser has it' },
	{ value: '1.15', name: 'a little larger' },
	{ value: '1.3', name: 'larger' },
	{ value: '1.6', name: 'very large' }
] as const;

export const TEXT_COOKIE = 'text';
