import type { ISchema } from 'yup';
import { check, type Issue } from '$contract/validate';

/**
 * A form over one record: its draft, and what the schema says of it while it is typed. The schema,
 * and the paths of its issues, are those of the server.
 */
export class FormState<T extends object> {
	draft = $state() as T;
	/** Paths of fields that have been typed in. */
	#touched = $state<Record<string, true>>({});
	#all = $state(false);
	#fromServer = $state<Issue[]>([]);
	#schema: ISchema<T>;

	#checked = $derived.by(() => check(this.#schema, $state.snapshot(this.draft), 'ignore'));

	constructor(schema: ISchema<T>, draft: T) {
		this.#schema = schema;
		this.draft = draft;
	}

	get valid(): boolean {
		return this.#checked.ok;
	}

	/** What is typed, where it is right. */
	get value(): T | undefined {
		return this.#checked.ok ? this.#checked.value : undefined;
	}

	/** Every problem that should be shown now. */
	get issues(): Issue[] {
		const own = this.#checked.ok ? [] : this.#checked.issues;
		return [...own.filter(({ path }) => this.#all || this.#touched[path]), ...this.#fromServer];
	}

	/** What is wrong at a field or inside it, if that should be said already, each with where. */
	issuesAt(path: string): Issue[] {
		return this.issues.filter((issue) => issue.path === path || issue.path.startsWith(`${path}.`));
	}

	/** The same in words. */
	problemAt(path: string): string {
		return [...new Set(this.issuesAt(path).map(({ message }) => message))].join('; ');
	}

	/** A field was typed in: from now on its problems are said. */
	touch(path: string): void {
		this.#touched[path] = true;
		this.#fromServer = this.#fromServer.filter((issue) => issue.path !== path);
	}

	/** The checked value, or undefined and all problems shown. */
	submit(): T | undefined {
		this.#all = true;
		this.#fromServer = [];
		return this.#checked.ok ? this.#checked.value : undefined;
	}

	/** Shows what the server found. */
	refuse(issues: Issue[]): void {
		this.#fromServer = issues;
	}
}
