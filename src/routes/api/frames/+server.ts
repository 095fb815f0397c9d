import { collectionHandlers } from '$server/api/collection';
import { frames } from '$server/api/collections';
import { framesAs, wantsTable } from '$server/api/tables';
import type { RequestHandler } from './$types';

const listed = collectionHandlers(frames);
const table = framesAs('csv');

export const GET: RequestHandler = (event) => (wantsTable(event) ? table.GET(event) : listed.GET(event));
export const { POST, fallback } = listed;
