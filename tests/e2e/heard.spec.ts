import { expect, open, test } from './app';
import { Listener } from './heard';

/** The whole job by what a screen reader has: read the light, choose, set, log, judge, plan. */

test.use({ demo: true });

test('who sees nothing reads the light, chooses a camera, hears what to set, logs, judges and plans', async ({
	page
}) => {
	await open(page, '/');
	const listener = await Listener.at(page);

	// Read: the light is said with how sure it is.
	await listener.press('button', /^Sharp, dark shadows/);
	await expect.poll(() => listener.stateOf('slider', /^Light on the subject/)).toContain('about 14⅔');

	// Choose, and hear the answer and what to set.
	await listener.press('button', /^Twinlet/);
	await listener.hears(/Twinlet/);
	const answer = await listener.find('heading', /just enough|too light|too dark/i);
	expect(answer.name).not.toBe('');

	// Log.
	await listener.press('button', /^Took frame 2/);
	await listener.hears('Frame 2 of Twinlet saved');

	// Judge.
	await listener.press('link', /^Frames$/);
	await listener.press('link', /^Judge frame 2/);
	await listener.press('radio', /^⅓ stop too light/, 'Space');
	await listener.press('button', /^Save$/);
	// Said on the page that one comes back to, and not before it is saved.
	await listener.hears('Frame 2 changed. Came out ⅓ stop too light');

	// Plan.
	await listener.press('link', /^Plan$/);
	await listener.hears('When and how');
	await listener.hears(/Twinlet .*\d\d:\d\d/);
	await expect.poll(() => listener.stateOf('slider', /^Look at/)).toMatch(/EV/);
});
