import type { Page } from '@playwright/test';
import { wronglySaid } from '../fixtures/voice';

/** What a page says that is not said so: in its texts, as they are put together there, and to who does not see it. */
export async function wronglySpoken(page: Page): Promise<string[]> {
	const said = await page.evaluate(() => {
		const named = [...document.querySelectorAll('[aria-label], [alt], [title], [placeholder]')].flatMap(
			(element) =>
				['aria-label', 'alt', 'title', 'placeholder'].map((name) => element.getAttribute(name) ?? '')
		);
		return [...document.body.innerText.split('\n'), ...named];
	});
	return said.flatMap(wronglySaid);
}
