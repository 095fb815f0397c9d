import type { CDPSession, Page } from '@playwright/test';
import { expect } from './app';

/** A node of the accessibility tree, as a screen reader has it. */
interface Heard {
	role: string;
	name: string;
	value: string;
	states: Readonly<Record<string, unknown>>;
	element: number | undefined;
}

type Value = { value?: unknown } | undefined;
const said = (value: Value) => (value?.value === undefined ? '' : String(value.value));

/** The protocol hands the text of a value over as bytes. */
const letters = (value: unknown) =>
	typeof value === 'string' && /[\u0080-\u00ff]/.test(value)
		? Buffer.from(value, 'latin1').toString()
		: value;

/**
 * A person who sees nothing: finds things by role and name in the accessibility tree alone, goes to them by focus and
 * presses keys. Neither selectors nor a pointer are used.
 */
export class Listener {
	private constructor(
		private readonly page: Page,
		private readonly cdp: CDPSession
	) {}

	static async at(page: Page): Promise<Listener> {
		const cdp = await page.context().newCDPSession(page);
		await cdp.send('Accessibility.enable');
		await cdp.send('DOM.enable');
		return new Listener(page, cdp);
	}

	async nodes(): Promise<Heard[]> {
		const { nodes } = await this.cdp.send('Accessibility.getFullAXTree');
		return nodes
			.filter(({ ignored }) => !ignored)
			.map(({ role, name, value, properties, backendDOMNodeId }) => ({
				role: said(role),
				name: said(name).trim(),
				value: said(value),
				states: Object.fromEntries((properties ?? []).map((each) => [each.name, letters(each.value.value)])),
				element: backendDOMNodeId
			}));
	}

	/** All that is said on the page, in its order. */
	async everything(): Promise<string> {
		const nodes = await this.nodes();
		return nodes
			.filter(({ role }) => role === 'StaticText' || role === 'heading')
			.map(({ name }) => name)
			.join(' ')
			.replace(/\s+/g, ' ');
	}

	/** Waits until something is said. */
	async hears(words: string | RegExp): Promise<void> {
		await expect
			.poll(() => this.everything(), { message: `Nobody says ${words}` })
			.toMatch(
				typeof words === 'string' ? new RegExp(words.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`)) : words
			);
	}

	/** The one thing of a role and a name. */
	async find(role: string, name: RegExp): Promise<Heard> {
		let found: Heard | undefined;
		await expect
			.poll(
				async () => {
					found = (await this.nodes()).find((node) => node.role === role && name.test(node.name));
					return found !== undefined;
				},
				{ message: `There is no ${role} ${name}` }
			)
			.toBe(true);
		return found!;
	}

	/** Goes to something and presses a key on it; what takes no focus cannot be reached so. */
	async press(role: string, name: RegExp, key = 'Enter'): Promise<void> {
		await this.goTo(role, name);
		await this.page.keyboard.press(key);
	}

	async goTo(role: string, name: RegExp): Promise<void> {
		const { element } = await this.find(role, name);
		await this.cdp.send('DOM.focus', { backendNodeId: element });
	}

	/** What a field or a control says of itself. */
	async stateOf(role: string, name: RegExp): Promise<string> {
		const { value, states } = await this.find(role, name);
		return `${value} ${JSON.stringify(states)}`;
	}
}
