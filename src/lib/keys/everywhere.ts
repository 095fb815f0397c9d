import { goto } from '$app/navigation';
import { resolve } from '$app/paths';
import type { Key } from './keys';
import { sheet } from './sheet.svelte';

/** Where the search stands: in the view of all frames, whichever view is open. */
const SEARCH = '/frames/all#find';

function find(): void {
	const field = document.querySelector<HTMLInputElement>('[data-find]');
	if (field) field.focus();
	else void goto(resolve(SEARCH));
}

/** Keys that every view has. */
export const everywhere: readonly Key[] = [
	{ press: ['/', 'Shift+/'], shown: '/', does: 'find a frame', run: find },
	{ press: ['?', 'Shift+?'], shown: '?', does: 'these keys', run: () => sheet.show() }
];
