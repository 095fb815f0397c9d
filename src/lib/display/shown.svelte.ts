import { MediaQuery } from 'svelte/reactivity';
import { browser } from '$app/environment';
import { DISPLAY_COOKIE, displayIn, TEXT_COOKIE, textSizes, type Display } from './displays';

const STILL_COOKIE = 'still';
const A_YEAR = 31_536_000;

/** What a cookie of this page says. */
function inCookie(name: string): string | undefined {
	if (!browser) return undefined;
	return document.cookie
		.split('; ')
		.find((each) => each.startsWith(`${name}=`))
		?.slice(name.length + 1);
}

/** Keeps a choice with this device, so that it is there before anything is drawn; forgets it where there is none. */
function keep(name: string, value: string | null): void {
	document.cookie = `${name}=${value ?? ''}; path=/; max-age=${value === null ? 0 : A_YEAR}; samesite=lax`;
}

/** How this device shows what there is: its display and its letters. */
class Shown {
	#systemIsDark = new MediaQuery('(prefers-color-scheme: dark)', false);
	/** The display that was chosen by hand; null: as the system is set. */
	chosen = $state.raw<Display | null>(displayIn(inCookie(DISPLAY_COOKIE)) ?? null);
	/** How large letters are. */
	text = $state.raw<string>(inCookie(TEXT_COOKIE) ?? textSizes[0].value);

	/** Nothing moves, also where the system would let it. */
	still = $state.raw(inCookie(STILL_COOKIE) === 'yes');

	get display(): Display {
		return this.chosen ?? (this.#systemIsDark.current ? 'dark' : 'indoors');
	}

	choose(display: Display | null): void {
		this.chosen = display;
		keep(DISPLAY_COOKIE, display);
	}

	write(text: string): void {
		this.text = text;
		keep(TEXT_COOKIE, text === textSizes[0].value ? null : text);
	}

	hold(still: boolean): void {
		this.still = still;
		keep(STILL_COOKIE, still ? 'yes' : null);
	}

	/** Puts it on the page; again whenever it changes. */
	apply(): void {
		const { documentElement } = document;
		documentElement.dataset.theme = this.display;
		documentElement.toggleAttribute('data-still', this.still);
		documentElement.style.setProperty('--text-scaling', this.text);
		// A phone puts the display's paper around the page.
		document
			.querySelector('meta[name=theme-color]')
			?.setAttribute('content', getComputedStyle(documentElement).backgroundColor);
	}
}

export const shown = new Shown();
