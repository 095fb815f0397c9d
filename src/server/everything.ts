import type { Kept, RecordTable } from './database/record-table';

const EVERYTHING = 10_000;

/** All records of a kind of which a person has few. */
export const everything = <T>(table: RecordTable<T>): Kept<T>[] => table.list(EVERYTHING, 0).items;
