import { lazy, object, string, type AnyObject, type InferType, type ISchema, type Lazy } from 'yup';
import { once, UNKNOWN_KIND } from './fields';

/** A type as its schema would write it: nothing read-only, intersections as one, all the way down. */
type Flat<T> = T extends object ? { -readonly [K in keyof T]: Flat<T[K]> } : T;

/** Whether two types are one and the same, optional and null included. */
type Same<A, B> = (<G>() => G extends A ? 1 : 2) extends <G>() => G extends B ? 1 : 2 ? true : false;

/** What a schema must be for its type: nothing more, where what it infers is just that. */
type Held<S extends ISchema<unknown>, T> =
	Same<Flat<InferType<S>>, Flat<T>> extends true ? unknown : { 'does not match its type': T };

/**
 * Holds a schema to its type by the compiler: a field that is missing, left over, wider, narrower, optional
 * or nullable where the type's is not does not compile. Nothing is done at run time.
 *
 * @example held<Film>()(object({ name: name(), … }))
 */
export const held =
	<T>() =>
	<S extends ISchema<unknown>>(schema: S & Held<S, T>): S =>
		schema;

/**
 * One of several schemas, by what a value looks like. The one cast of choices lives here: what every
 * schema is, the choice between them is.
 *
 * @param options all of them; asked for when they are looked through, so that they may name each other
 * @param choose which of them looks at a value
 * @example choice(() => [oneTime, fromTo], (value) => (typeof value === 'number' ? oneTime : fromTo))
 */
export const choice = <S extends ISchema<unknown>>(
	options: () => readonly S[],
	choose: (value: unknown) => S
): Lazy<InferType<S>> => lazy(choose as never).meta({ anyOf: options }) as unknown as Lazy<InferType<S>>;

/** The one member of a union that has a value in its field. */
type Member<T, F extends keyof T, K> = T extends unknown ? (K extends T[F] ? T : never) : never;

type Branches = Readonly<Record<string, () => ISchema<unknown>>>;

type HeldBranches<T, F extends keyof T, B extends Branches> = {
	[K in keyof B]: () => Held<ReturnType<B[K]>, Member<T, F, K>>;
};

/**
 * An object whose shape depends on one of its fields, each shape held to its member of the union. Shapes
 * are built when they are first asked for, and kept.
 *
 * @example tagged<Focus>()('kind', { fixed: () => object({ kind: is('fixed'), … }), zones: … })
 */
export const tagged =
	<T extends object>() =>
	<F extends keyof T & string, B extends Branches & Record<T[F] & string, unknown>>(
		field: F,
		branches: B & HeldBranches<T, F, B>
	): Lazy<T> => {
		const all: Branches = branches;
		const branch = once((kind: string) => all[kind]());
		const unknownKind = object({ [field]: string().required().oneOf(Object.keys(all)) })
			.required()
			.meta({ [UNKNOWN_KIND]: true });
		return choice(
			() => Object.keys(all).map(branch),
			(value) => {
				const kind: unknown = (value as AnyObject | null | undefined)?.[field];
				return typeof kind === 'string' && Object.hasOwn(all, kind) ? branch(kind) : unknownKind;
			}
		) as Lazy<T>;
	};

/** A field that can only be one word: what tells a shape from the others. */
export const is = <K extends string>(word: K) => string<K>().required().oneOf([word]);
