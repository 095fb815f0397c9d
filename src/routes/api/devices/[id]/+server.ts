import { oneDeviceHandlers } from '$server/api/door';

export const { DELETE, fallback } = oneDeviceHandlers;
