import { notFound } from '$server/api/answers';

export const fallback = () => notFound('address');
