/** Three displays, for where one stands; a phone has room for the beginning of the name of one. */
export const displays = [
	{ id: 'sunlit', name: 'Sunlit', short: 'Sun' },
	{ id: 'indoors', name: 'Indoors', short: 'In' },
	{ id: 'dark', name: 'Dark', short: 'Dark' }
] as const;

export type Display = (typeof displays)[number]['id'];

export const DISPLAY_COOKIE = 'display';

/** The display a cookie names, or the paper look. */
export function displayOf(value: string | undefined): Display {
	return displays.find((display) => display.id === value)?.id ?? 'indoors';
}
