import type { Page } from '@playwright/test';
import { expect, fits } from './app';

/** What a thumb can press is no smaller than this, CSS px. Source: WCAG 2.2, 2.5.5 (enhanced). */
const LEAST = 44;

/**
 * What can be pressed on a page and is too small for a thumb. A field counts with its label; links and words inside a
 * sentence are excepted, as the standard has it.
 */
const tooSmall = (page: Page): Promise<string[]> =>
	page.evaluate((least) => {
		const all = document.querySelectorAll<HTMLElement>(
			'a[href], button, input, select, textarea, summary, [role=slider]'
		);
		const inSentence = (element: HTMLElement) => {
			const around = element.closest('p, li, td, dd, span, strong');
			const says = (node: ChildNode) =>
				node.nodeType === Node.TEXT_NODE && (node.textContent?.trim().length ?? 0) > 3;
			return (
				(element.tagName === 'A' || element.matches('.plain-link, .term')) &&
				[...(around?.childNodes ?? [])].some(says)
			);
		};
		const labelsOf = (element: HTMLElement) =>
			'labels' in element ? [...((element as HTMLInputElement).labels ?? [])] : [];
		/** Of a control with its labels, CSS px. */
		const sizeOf = (element: HTMLElement) => {
			const boxes = [element, ...labelsOf(element)].map((each) => each.getBoundingClientRect());
			const span = (from: (box: DOMRect) => number, to: (box: DOMRect) => number) =>
				Math.max(...boxes.map(to)) - Math.min(...boxes.map(from));
			return [
				span(
					({ left }) => left,
					({ right }) => right
				),
				span(
					({ top }) => top,
					({ bottom }) => bottom
				)
			];
		};
		// What is only read aloud, or folded away, is not pressed; half a pixel is what is lost between two.
		return [...all]
			.filter((element) => getComputedStyle(element).visibility !== 'hidden' && !inSentence(element))
			.map((element) => ({ element, size: sizeOf(element) }))
			.filter(({ size }) => size.every((side) => side > 2) && size.some((side) => side < least - 0.5))
			.map(({ element, size }) => {
				const name = element.getAttribute('aria-label') ?? element.textContent?.trim().slice(0, 30);
				return `${element.tagName.toLowerCase()} “${name}” is ${size.map(Math.round).join(' by ')}`;
			});
	}, LEAST);

/** Letters twice as large. Source: WCAG 2.2, 1.4.4. */
const LARGE = '32px';

/** All that is pressed is large enough for a thumb, and letters twice as large fit without scrolling sideways. */
export async function isInReach(page: Page, where: string): Promise<void> {
	expect(await tooSmall(page), where).toEqual([]);
	const write = (size: string) =>
		page.evaluate((now) => (document.documentElement.style.fontSize = now), size);
	await write(LARGE);
	await fits(page, `${where} in large letters`);
	await write('');
}
