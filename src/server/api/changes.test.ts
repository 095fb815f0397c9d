import type { RequestEvent } from '@sveltejs/kit';
import { describe, expect, it } from 'vitest';
import type { Changes } from '$contract/changes';
import { onTheDemo } from '../../../tests/fixtures/store-of-demo';
import { kinds } from '../archive/form';
import { store } from '../store';
import { changesHandlers } from './changes';

onTheDemo();

async function asked(query: Record<string, string | number> = {}) {
	const search = new URLSearchParams(Object.entries(query).map(([name, value]) => [name, String(value)]));
	const url = new URL(`http://here/api/changes?${search}`);
	const request = new Request(url);
	const response = (await changesHandlers.GET({ url, request, locals: {} } as RequestEvent)) as Response;
	return { status: response.status, answer: (await response.json()) as Changes };
}

describe('what changed since', () => {
	it('is from the beginning all that there is, page by page, each record as it is', async () => {
		const found = new Map<string, unknown>();
		let since = 0;
		for (;;) {
			const { answer } = await asked({ since, limit: 40 });
			for (const change of answer.changes)
				found.set(`${change.kind} ${change.id}`, 'record' in change ? change.record : null);
			if (answer.changes.length === 0) break;
			since = answer.next;
		}
		const all = kinds.flatMap((kind) => {
			const { items } = store()[kind].list(10_000, 0);
			return items.map((record) => [`${kind} ${record.id}`, record] as const);
		});
		for (const { ...picture } of store().pictures.page({ limit: 1000 })!.items)
			all.push([`pictures ${picture.id}`, { ...picture, version: 1 }] as never);
		expect(all.length).toBeGreaterThan(50);
		expect(found).toEqual(new Map(JSON.parse(JSON.stringify(all)) as typeof all));
	});

	it('is nothing where nothing changed, then the one that did, then that it is gone', async () => {
		const { answer: before } = await asked({ limit: 1000 });
		const { next: since, of } = before;
		expect(await asked({ since, of })).toEqual({
			status: 200,
			answer: { of, changes: [], next: since, last: since }
		});
		const id = crypto.randomUUID();
		store().places.create(id, { name: 'Slip', latitude: 50, longitude: 1 });
		const { answer } = await asked({ since, of });
		expect(answer.changes).toEqual([
			{
				seq: since + 1,
				kind: 'places',
				id,
				record: { id, version: 1, name: 'Slip', latitude: 50, longitude: 1 }
			}
		]);
		store().places.remove(id);
		expect((await asked({ since: answer.next, of })).answer).toEqual({
			of,
			changes: [{ seq: since + 2, kind: 'places', id, deleted: true }],
			next: since + 2,
			last: since + 2
		});
	});

	it('is refused in words to who knows other records, or asks for what is none', async () => {
		expect((await asked({ of: 'others' })).status).toBe(410);
		expect((await asked({ since: 10 ** 9 })).status).toBe(410);
		expect((await asked({ since: 'x', limit: 0, many: 1 })).status).toBe(422);
	});

	it('is told as it happens to who listens, and no further where the records are others', async () => {
		const { answer: before } = await asked({ limit: 1000 });
		const url = new URL(`http://here/api/changes?since=${before.next}&of=${before.of}`);
		const request = new Request(url, { headers: { accept: 'text/event-stream' } });
		const response = (await changesHandlers.GET({ url, request, locals: {} } as RequestEvent)) as Response;
		expect(response.headers.get('content-type')).toBe('text/event-stream');
		const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
		expect((await reader.read()).value).toBe('retry: 1000\n\n');
		const id = crypto.randomUUID();
		store().places.create(id, { name: 'Slip', latitude: 50, longitude: 1 });
		const { value = '' } = await reader.read();
		expect(value).toMatch(new RegExp(`^id: ${before.next + 1}\ndata: .*\n\n$`));
		const told = JSON.parse(value.slice(value.indexOf('data: ') + 6)) as Changes;
		expect(told.changes.map((change) => change.id)).toEqual([id]);
		store().changes.beginAnew();
		expect((await reader.read()).done).toBe(true);
	});

	it('is of pictures, too: which there are, and that one is gone', async () => {
		const { frames, pictures } = store();
		const frame = frames.list(1, 0).items[0].id;
		const id = crypto.randomUUID();
		const { next: since } = (await asked({ limit: 1000 })).answer;
		const bytes = Buffer.from('no pixels');
		pictures.add({
			...{ id, owner: 'frame', ownerId: frame, name: 'a.png', type: 'image/png', width: 1, height: 1 },
			...{ addedAt: '2030-05-04T10:00:00Z', original: bytes, thumbnail: bytes }
		});
		const [added] = (await asked({ since })).answer.changes;
		expect(added).toMatchObject({
			kind: 'pictures',
			id,
			record: { owner: 'frame', ownerId: frame, version: 1 }
		});
		pictures.remove(id);
		const [gone] = (await asked({ since })).answer.changes;
		expect(gone).toEqual({ seq: added.seq + 1, kind: 'pictures', id, deleted: true });
	});
});
