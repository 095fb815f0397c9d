<!-- A list that is typed line by line. -->
<script lang="ts" generics="T">
	import Field from './Field.svelte';
	import type { FormState } from './form-state.svelte';

	interface Props {
		form: FormState<object>;
		path: string;
		label: string;
		hint?: string;
		value: readonly T[];
		line: {
			parse: (line: string) => T;
			show: (value: T) => string;
			/** Where lines hang together. */
			parseAll?: (lines: readonly string[]) => T[];
			/** What is said of a line that is none. */
			wants?: string;
		};
		onchange: (value: T[]) => void;
	}
	let { form, path, label, hint, value, line, onchange }: Props = $props();

	// svelte-ignore state_referenced_locally -- the text is the person's own once it is typed
	let text = $state(value.map(line.show).join('\n'));

	/** Lines that say something, each with its number as it is counted in the field. */
	const lines = $derived(
		text
			.split('\n')
			.map((each, at) => ({ said: each.trim(), number: at + 1 }))
			.filter(({ said }) => said !== '')
	);

	function typed() {
		form.touch(path);
		const all = lines.map(({ said }) => said);
		onchange(line.parseAll?.(all) ?? all.map(line.parse));
	}

	/** Of which line a problem is, if of one. */
	const lineOf = (of: string) => {
		const at = /^\.(\d+)/.exec(of.slice(path.length))?.[1];
		return at === undefined ? undefined : lines[Number(at)];
	};
	const isNoNumber = (value: unknown): boolean =>
		typeof value === 'number'
			? Number.isNaN(value)
			: typeof value === 'object' && value !== null && Object.values(value).some(isNoNumber);

	/** Every problem once, and of which line it is. */
	const problem = $derived.by(() => {
		const said = form.issuesAt(path).map((issue) => {
			const wrong = lineOf(issue.path);
			if (!wrong) return issue.message;
			const unread = isNoNumber(value[lines.indexOf(wrong)]);
			const message = unread && line.wants ? `write ${line.wants}` : issue.message;
			return `Line ${wrong.number}, “${wrong.said}”: ${message}`;
		});
		return [...new Set(said)].join('; ');
	});
</script>

<Field {label} {hint} {problem}>
	{#snippet control(attributes)}
		<textarea {...attributes} rows="4" bind:value={text} oninput={typed}></textarea>
	{/snippet}
</Field>
