import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import openapiTypes, { astToString } from 'openapi-typescript';
import { root } from '../../scripts/steps.mjs';
import { expect, test } from './app';

/** Other people's programs, made from the description alone. */

test('a client made from the description compiles, writes a frame and judges it', async ({
	app,
	request
}) => {
	const folder = mkdtempSync(join(tmpdir(), 'just-enough-client-'));
	try {
		const description = await (await request.get('/api/openapi.json')).json();
		const types = astToString(await openapiTypes(description));
		// Nothing is described as an object of which nothing is known.
		expect(types.match(/: Record<string, never>/g) ?? []).toEqual([]);
		writeFileSync(join(folder, 'api.ts'), types);
		copyFileSync(join(root, 'tests/fixtures/client/first-frame.ts.txt'), join(folder, 'first-frame.ts'));
		writeFileSync(join(folder, 'package.json'), '{ "type": "module" }');
		const compiler = {
			strict: true,
			target: 'es2022',
			module: 'nodenext',
			moduleResolution: 'nodenext',
			types: ['node'],
			typeRoots: [join(root, 'node_modules/@types')]
		};
		writeFileSync(
			join(folder, 'tsconfig.json'),
			JSON.stringify({ compilerOptions: compiler, files: ['first-frame.ts'] })
		);
		execFileSync(join(root, 'node_modules/.bin/tsc'), ['-p', folder], { stdio: 'pipe' });
		const said = execFileSync(process.execPath, [join(folder, 'first-frame.js'), app.address], {
			encoding: 'utf8',
			env: { ...process.env, FORCE_COLOR: '0' }
		});
		expect(said.trim()).toBe('200 just-enough 0.5');
		const { items } = await (await request.get('/api/frames')).json();
		expect(items).toMatchObject([{ number: 1, judged: { stops: 0.5 } }]);
		// A field that is none of the API's is refused by the compiler already.
		const wrong = readFileSync(join(folder, 'first-frame.ts'), 'utf8').replace("by: 'eye'", "by: 'ear'");
		writeFileSync(join(folder, 'first-frame.ts'), wrong);
		expect(() =>
			execFileSync(join(root, 'node_modules/.bin/tsc'), ['-p', folder, '--noEmit'], { stdio: 'pipe' })
		).toThrow();
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
});
