import type { RecordTable } from './record-table';

/**
 * A table whose writes are counted where they matter: what was worked out of its records before is then out of date.
 *
 * @param matters whether a record has anything to do with it, as it was before or as it is now
 * @param count called once for each such write
 */
export function counting<T>(
	table: RecordTable<T>,
	matters: (record: T) => boolean,
	count: () => void
): RecordTable<T> {
	const before = (id: string) => {
		const record = table.get(id);
		return record !== undefined && matters(record);
	};
	return {
		...table,
		create(id, record) {
			const created = table.create(id, record);
			if (created.result === 'created' && matters(record)) count();
			return created;
		},
		replace(id, version, record) {
			const mattered = before(id);
			const replaced = table.replace(id, version, record);
			if (replaced.result === 'replaced' && (mattered || matters(record))) count();
			return replaced;
		},
		remove(id, version) {
			const mattered = before(id);
			const removed = table.remove(id, version);
			if (removed.result === 'removed' && mattered) count();
			return removed;
		}
	};
}
