/** Where somebody is again, when what they pressed is gone: what it stood in, from the inside out. */
const PLACES = '[role="status"], [role="dialog"], li, section, article, form, main';

/**
 * Keeps the focus near to where it was when what had it goes away: an Undo that has undone, a row that was taken out.
 * Without it a screen reader, and the next press of Tab, begin at the top of the page.
 *
 * @returns ends it
 */
export function keepFocus(): () => void {
	let around: Element[] = [];
	let where = location.href;

	function took({ target }: FocusEvent) {
		around = [];
		where = location.href;
		for (let each = target as Element | null; each; each = each.parentElement) around.push(each);
	}

	const observer = new MutationObserver(() => {
		const [had] = around;
		if (!had || had.isConnected) return;
		const place = around.find((each) => each.isConnected && each.matches(PLACES));
		around = [];
		// Another view has its own beginning, and what was opened has taken the focus.
		if (document.activeElement !== document.body || location.href !== where) return;
		if (!(place instanceof HTMLElement)) return;
		if (!place.hasAttribute('tabindex')) {
			place.tabIndex = -1;
			place.dataset.kept = '';
		}
		place.focus({ preventScroll: true });
	});

	addEventListener('focusin', took);
	observer.observe(document.body, { childList: true, subtree: true });
	return () => {
		removeEventListener('focusin', took);
		observer.disconnect();
	};
}
