/** Three displays, for where one stands. */
export const displays = [
	{ id: 'sunlit', name: 'Sunlit' },
	{ id: 'indoors', name: 'Indoors' },
	{ id: 'dark', name: 'Dark' }
] as const;

export type Display = (typeof displays)[number]['id'];

export const DISPLAY_COOKIE = 'display';

/** The display a cookie names, or the paper look. */
export function displayOf(value: string | undefined): Display {
	return displays.find((display) => display.id === value)?.id ?? 'indoors';
}
