import { tinykeys } from 'tinykeys';
import { sheet } from './sheet.svelte';

/** One key: what the handler listens to, what the sheet shows and what it does. */
export interface Key {
	/** As tinykeys writes it; several mean the same. */
	press: string[];
	shown: string;
	does: string;
	run: () => void;
}

/** Keys that a control under the focus needs for itself. */
function belongsToControl(event: KeyboardEvent): boolean {
	const target = event.target instanceof Element ? event.target : null;
	if (target?.closest('input, select, textarea, [contenteditable], [role=dialog], dialog')) return true;
	const arrows = event.key.startsWith('Arrow');
	if (target?.closest('[role=slider], [role=radiogroup], [role=tablist]') && arrows) return true;
	return event.key === 'Enter' && Boolean(target?.closest('a, button, summary'));
}

/** A key that writes something; others, such as arrows, mean nothing but what they do. */
const isCharacter = ({ key }: KeyboardEvent) => /^\S$/u.test(key);

/** Listens to a table of keys. */
export function listenTo(keys: readonly Key[]): () => void {
	const entries = keys.flatMap((key) =>
		key.press.map((press) => [
			press,
			(event: KeyboardEvent) => {
				if (belongsToControl(event) || (!sheet.single && isCharacter(event))) return;
				event.preventDefault();
				key.run();
			}
		])
	);
	return tinykeys(window, Object.fromEntries(entries));
}

/** Listens to the keys of a view; the sheet of keys is made from the same table. */
export function listenInView(keys: readonly Key[]): () => void {
	const silence = listenTo(keys);
	sheet.ofView = keys;
	return () => {
		silence();
		if (sheet.ofView === keys) sheet.ofView = [];
	};
}
