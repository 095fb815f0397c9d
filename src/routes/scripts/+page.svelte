<!-- The API for other people's scripts, from its own description. -->
<script lang="ts">
	import { openapi } from '$contract/openapi/document';

	const verbs = ['get', 'post', 'put', 'delete'] as const;
	const rows = Object.entries(openapi.paths).flatMap(([path, item]) =>
		verbs.flatMap((verb) => {
			const operation = (item as Partial<Record<(typeof verbs)[number], { summary: string }>>)[verb];
			return operation ? [{ path, verb: verb.toUpperCase(), summary: operation.summary }] : [];
		})
	);
	const example = JSON.stringify({
		camera: {
			name: 'Tin Box',
			frame: { width: 57, height: 83 },
			focalLength: 105,
			focus: { kind: 'fixed', distance: 6 },
			aperture: { kind: 'fixed', f: 14 },
			shutter: { kind: 'fixed', seconds: 0.025 },
			exposure: { mode: 'manual' }
		},
		film: { name: 'Samphire 125', type: 'bw-negative', iso: 125 },
		light: { method: 'shadows', school: 'shadow-edge', condition: 'soft' }
	});
</script>

<svelte:head><title>For scripts · Just Enough</title></svelte:head>
<div class="page">
	<h1>For scripts</h1>
	<p>
		The same match that answers on Shoot answers programs. {openapi.info.description}
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- an answer of the API, not a page -->
		<a class="plain-link" href="/api/openapi.json">OpenAPI description</a>
	</p>
	<h2>An example</h2>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -- a box that scrolls must be reached by keyboard -->
	<pre tabindex="0" aria-label="An example request">POST /api/match
{example}</pre>
	<h2>What there is</h2>
	<div class="table-box">
		<table class="rows">
			<thead
				><tr><th scope="col">Verb</th><th scope="col">Address</th><th scope="col">What it does</th></tr
				></thead
			>
			<tbody>
				{#each rows as { path, verb, summary } (verb + path)}
					<tr><td>{verb}</td><td><code>{path}</code></td><td>{summary}</td></tr>
				{/each}
			</tbody>
		</table>
	</div>
</div>

<style>
	h2 {
		padding-top: 1rem;
	}
	pre {
		overflow-x: auto;
		padding: 0.75rem;
		border: 1px solid var(--line);
		white-space: pre-wrap;
		overflow-wrap: anywhere;
	}
	code {
		background: none;
		color: inherit;
		white-space: normal;
		overflow-wrap: anywhere;
	}
</style>
