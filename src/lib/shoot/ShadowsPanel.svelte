<!-- Daylight by eye: a school, its pictures, and where the sun stands. -->
<script lang="ts">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
	import { resolveLight, rivalsOf, schools, type Light, type ShadowsReading } from '$core/light';
	import { formatEv } from '$core/units';
	import { rivalsInWords } from '$core/words';
	import ShadowPicture from './ShadowPicture.svelte';
	import { scenes } from './scenes';

	let { light, onread }: { light: Light | null; onread: (light: Light) => void } = $props();

	type SchoolId = ShadowsReading['school'];
	const shown: Record<SchoolId, string> = {
		'shadow-edge': 'Shadow',
		'sky-cover': 'Sky',
		'exposure-guide': 'Guide'
	};
	const sides = [
		{ id: 'front', name: 'behind me' },
		{ id: 'side', name: 'beside' },
		{ id: 'back', name: 'behind the subject' }
	] as const;
	type Side = (typeof sides)[number]['id'];

	const current = $derived(light && 'method' in light && light.method === 'shadows' ? light : null);
	let pickedSchool = $state<SchoolId | null>(null);
	const school = $derived(pickedSchool ?? current?.school ?? 'shadow-edge');
	const conditions = $derived(
		Object.entries(schools[school].conditions) as [
			ShadowsReading['condition'],
			(typeof schools)[SchoolId]['conditions'][string]
		][]
	);
	const side = $derived<Side>(current?.backlit ? 'back' : current?.sidelit ? 'side' : 'front');

	function readingOf(condition: ShadowsReading['condition'], from: Side): Light {
		const corrections = {
			...(from === 'back' ? { backlit: true } : {}),
			...(from === 'side' ? { sidelit: true } : {})
		};
		return { method: 'shadows', school, condition, ...corrections } as Light;
	}

	const rivals = $derived(light ? rivalsInWords(rivalsOf(light)) : '');
</script>

<div class="panel">
	<SegmentedControl
		value={school}
		onValueChange={(details) => (pickedSchool = details.value as SchoolId)}
		aria-label="School of reading"
	>
		<SegmentedControl.Control class="switch">
			{#each Object.keys(schools) as id (id)}
				<SegmentedControl.Item value={id} class="switch-item">
					<SegmentedControl.ItemText>{shown[id as SchoolId]}</SegmentedControl.ItemText>
					<SegmentedControl.ItemHiddenInput />
				</SegmentedControl.Item>
			{/each}
		</SegmentedControl.Control>
	</SegmentedControl>

	<ul>
		{#each conditions as [id, condition] (id)}
			{@const taken = current?.school === school && current.condition === id}
			<li>
				<button class="condition" aria-pressed={taken} onclick={() => onread(readingOf(id, side))}>
					<ShadowPicture scene={scenes[id]} />
					<span class="words">{condition.words}</span>
					<span class="ev figures">{formatEv(resolveLight(readingOf(id, side)).ev)}</span>
				</button>
			</li>
		{/each}
	</ul>

	<fieldset>
		<legend>The sun is</legend>
		<div class="sides">
			{#each sides as { id, name } (id)}
				<label class="side">
					<input
						type="radio"
						name="sun-side"
						value={id}
						checked={side === id}
						disabled={!current}
						onchange={() => current && onread(readingOf(current.condition, id))}
					/>
					{name}
				</label>
			{/each}
		</div>
	</fieldset>

	{#if rivals}<p class="soft small rivals">{rivals}</p>{/if}
</div>

<style>
	.panel {
		display: grid;
		gap: 0.75rem;
	}
	.condition {
		display: grid;
		grid-template-columns: auto 1fr auto;
		gap: 0.75rem;
		align-items: center;
		width: 100%;
		text-align: left;
		padding: 0.3rem 0.4rem;
		border: 2px solid transparent;
		border-radius: var(--radius-base);
		cursor: pointer;
		line-height: 1.2;
	}
	.condition[aria-pressed='true'] {
		border-color: var(--ink);
		font-weight: var(--heavy);
		background: var(--panel);
	}
	.ev {
		font-family: var(--typo-heading--font-family);
		font-size: 1.125rem;
		font-weight: 700;
	}
	legend {
		font-weight: var(--heavy);
		padding-bottom: 0.15rem;
	}
	.sides {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1rem;
	}
	.side {
		display: inline-flex;
		align-items: center;
		gap: 0.4rem;
		min-height: 2.75rem;
		cursor: pointer;
	}
</style>
