<!-- A strip from the camera to infinity: what comes out where, with people standing along it. -->
<script lang="ts">
	import { onStrip } from '$core/focus';
	import { FOOT, formatDistance, measures } from '$core/units';

	interface Props {
		/** What it shows, in words, for who does not see it. */
		label: string;
		/** m; to null = infinity */
		bands: readonly {
			from: number;
			to: number | null;
			/** sharp: ink; right, usable, near and far: as exposure is drawn everywhere. */
			kind: 'sharp' | 'right' | 'usable' | 'near' | 'far';
			words?: string;
		}[];
		/** Where the subject stands, m. */
		subject?: number;
		/** Where it should stand instead, m. */
		stand?: number;
		/** A narrow strip without people and numbers. */
		thin?: boolean;
	}
	let { label, bands, subject, stand, thin = false }: Props = $props();

	/** Where people stand, m; and where numbers do. */
	const PEOPLE = [0.75, 1.5, 3, 6, 15];
	const NUMBERS = $derived(
		measures().length === 'ft' ? [...[3, 6, 12, 25].map((feet) => feet * FOOT), null] : [1, 2, 4, 8, null]
	);
	const place = (distance: number | null) => onStrip(distance) * 100;
	const isClear = (distance: number) =>
		bands.some(
			({ kind, from, to }) =>
				(kind === 'sharp' || kind === 'right') && distance >= from && distance <= (to ?? Infinity)
		);
	/** Too narrow for its words, per cent. */
	const NARROW = 14;
</script>

{#snippet person(clear: boolean)}
	<svg viewBox="0 0 12 26" class:clear>
		<circle cx="6" cy="4.5" r="3.2" />
		<path d="M2.2 10.5Q6 7.6 9.8 10.5L9 18H7.8L7.4 25H4.6L4.2 18H3z" />
	</svg>
{/snippet}

<figure class:thin aria-label={label} role="img">
	{#if !thin}
		<div class="people" aria-hidden="true">
			{#each PEOPLE as distance (distance)}
				<span style:left="{place(distance)}%">{@render person(isClear(distance))}</span>
			{/each}
			{#if subject !== undefined}
				<span class="subject" style:left="{place(subject)}%">
					<b>here</b>{@render person(isClear(subject))}
				</span>
			{/if}
			{#if stand !== undefined}
				<span class="subject" style:left="{place(stand)}%"><b>stand</b>{@render person(true)}</span>
			{/if}
		</div>
	{/if}
	<div class="strip" aria-hidden="true">
		{#each bands as { from, to, kind, words } (from)}
			<span class={kind} style:left="{place(from)}%" style:width="{place(to) - place(from)}%">
				{#if words && !thin && place(to) - place(from) > NARROW}<em>{words}</em>{/if}
			</span>
		{/each}
	</div>
	{#if !thin}
		<div class="numbers figures small soft" aria-hidden="true">
			<span style:left="0">camera</span>
			{#each NUMBERS as distance (distance)}
				<span style:left="{place(distance)}%" class:last={distance === null}>
					{distance === null ? '∞' : formatDistance(distance)}
				</span>
			{/each}
		</div>
	{/if}
</figure>

<style>
	figure {
		display: block;
	}
	.people {
		position: relative;
		height: 3.75rem;
	}
	.people span {
		position: absolute;
		bottom: 0;
		transform: translateX(-50%);
		display: grid;
		justify-items: center;
	}
	.people svg {
		width: 0.9rem;
		height: 1.95rem;
		fill: none;
		stroke: var(--ink-soft);
		stroke-width: 1.2;
		stroke-dasharray: 2 1.5;
	}
	.people svg.clear {
		fill: var(--ink);
		stroke: var(--ink);
		stroke-dasharray: none;
	}
	.subject {
		z-index: 1;
	}
	.subject svg {
		width: 1.2rem;
		height: 2.6rem;
	}
	.subject b {
		font-size: 0.8125rem;
		line-height: 1.1;
		background: var(--paper);
	}
	.strip {
		position: relative;
		height: 2rem;
		border: 1px solid var(--edge);
		overflow: hidden;
	}
	.thin .strip {
		height: 0.9rem;
	}
	.strip span {
		position: absolute;
		top: 0;
		bottom: 0;
		display: grid;
		place-items: center;
		overflow: hidden;
	}
	em {
		font-style: normal;
		font-size: 0.8125rem;
		font-weight: var(--heavy);
		white-space: nowrap;
		padding: 0 0.3rem;
		background: var(--paper);
		color: var(--ink);
	}
	.sharp {
		background: var(--ink);
	}
	:global([data-theme='dark']) .sharp {
		background: var(--bar);
	}
	.right {
		background: var(--bar);
	}
	.usable {
		background: repeating-linear-gradient(-45deg, var(--bar) 0 2px, transparent 2px 7px);
	}
	.near {
		background: repeating-linear-gradient(90deg, var(--too-much) 0 1px, transparent 1px 9px);
	}
	.far {
		background: repeating-linear-gradient(0deg, var(--too-little) 0 1px, transparent 1px 9px);
	}
	.numbers {
		position: relative;
		height: 1.5rem;
	}
	.numbers span {
		position: absolute;
		transform: translateX(-50%);
		white-space: nowrap;
	}
	.numbers span:first-child {
		transform: none;
	}
	.numbers .last {
		transform: translateX(-100%);
	}
</style>
