import { learnRequestSchema, type LearnRequest } from '$contract/learn';
import { check } from '$contract/validate';
import { learn } from '$core/learn';
import { onlyAllow } from '$server/api/answers';
import { answered } from '$server/api/asked';

export const POST = answered(
	(body) => check<LearnRequest>(learnRequestSchema, body),
	({ prior, frames }) => learn(prior, frames)
);

export const fallback = onlyAllow('POST');
