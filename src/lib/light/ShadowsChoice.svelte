<!-- What daylight is called: a school, its pictures, where the sun stands and what lies around. -->
<script lang="ts">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
	import { resolveLight, schools, type ShadowsReading } from '$core/light';
	import { formatEv } from '$core/units';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import ShadowPicture from './ShadowPicture.svelte';
	import { scenes } from './scenes';

	type SchoolId = ShadowsReading['school'];
	interface Props {
		/** What it is called so far. */
		current: ShadowsReading | null;
		/** Whether each name shows the EV that its school gives it. */
		told?: boolean;
		/** The school that is looked at before anything is called. */
		usual?: SchoolId;
		onread: (reading: ShadowsReading) => void;
		onschool?: (school: SchoolId) => void;
	}
	let { current, told = true, usual = 'shadow-edge', onread, onschool }: Props = $props();

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

	let pickedSchool = $state<SchoolId | null>(null);
	const school = $derived(pickedSchool ?? current?.school ?? usual);
	const conditions = $derived(
		Object.entries(schools[school].conditions) as [
			ShadowsReading['condition'],
			(typeof schools)[SchoolId]['conditions'][string]
		][]
	);
	/** What stands or lies around the subject. */
	const surroundings = [
		{ value: 'plain', name: 'nothing to speak of' },
		{ value: 'sand', name: 'pale sand' },
		{ value: 'snow', name: 'snow' },
		{ value: 'tree', name: 'under a tree, sun around' }
	] as const;
	type Around = (typeof surroundings)[number]['value'];

	/** What an eye tells: water and woods are nothing to speak of, and pale was said of sand once. */
	function groundOf(reading: ShadowsReading | null): Around {
		const ground = reading?.ground === 'pale' ? 'sand' : reading?.ground;
		return ground === 'sand' || ground === 'snow' ? ground : 'plain';
	}

	let pickedSide = $state<Side | null>(null);
	let pickedAround = $state<Around | null>(null);
	const side = $derived<Side>(
		pickedSide ?? (current?.backlit ? 'back' : current?.sidelit ? 'side' : 'front')
	);
	const around = $derived<Around>(pickedAround ?? (current?.deepShade ? 'tree' : groundOf(current)));

	/** Under a tree neither the sun's side nor the ground matters; snow is not counted twice. */
	function corrections(condition: ShadowsReading['condition']): Partial<ShadowsReading> {
		if (around === 'tree') return { deepShade: true };
		return {
			...(side === 'back' ? { backlit: true } : {}),
			...(side === 'side' ? { sidelit: true } : {}),
			...(around !== 'plain' && condition !== 'snow-or-sand' ? { ground: around } : {})
		};
	}

	const readingOf = (condition: ShadowsReading['condition']) =>
		({ method: 'shadows', school, condition, ...corrections(condition) }) as ShadowsReading;

	function look(at: SchoolId) {
		pickedSchool = at;
		onschool?.(at);
	}

	/** Calls the light by the name at a place of the list. */
	export function pick(at: number): void {
		const [id] = conditions[at] ?? [];
		if (id) onread(readingOf(id));
	}

	function setSide(next: Side) {
		pickedSide = next;
		if (current) onread(readingOf(current.condition));
	}

	function setAround(next: Around) {
		pickedAround = next;
		if (current) onread(readingOf(current.condition));
	}
</script>

<div class="panel">
	<SegmentedControl
		value={school}
		onValueChange={(details) => look(details.value as SchoolId)}
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
				<button class="condition" aria-pressed={taken} onclick={() => onread(readingOf(id))}>
					<ShadowPicture scene={scenes[id]} />
					<span class="words">{condition.words}</span>
					{#if told}<span class="ev figures">{formatEv(resolveLight(readingOf(id)).ev)}</span>{/if}
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
						disabled={around === 'tree'}
						onchange={() => setSide(id)}
					/>
					{name}
				</label>
			{/each}
		</div>
	</fieldset>

	<ChoiceField label="Around the subject" value={around} options={surroundings} onchange={setAround} />
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
