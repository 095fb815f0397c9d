<!-- What a light is called, and the EV that one would go by. -->
<script lang="ts">
	import { placeKinds, resolveLight, type ShadowsReading } from '$core/light';
	import type { Named } from '$core/practice';
	import { formatEv, roundToThird } from '$core/units';
	import { apertureRule } from '$words';
	import { Remembered } from '$lib/timing/remembered.svelte';
	import { ownSettings } from '$lib/records/own-settings.svelte';
	import AsSettings from './AsSettings.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import PlacePanel from '$lib/light/PlacePanel.svelte';
	import ShadowsChoice from '$lib/light/ShadowsChoice.svelte';

	interface Props {
		named: Named | null;
		/** Whether it may be a light that is no daylight. */
		rooms?: boolean;
		/** Whether it plainly is under a roof. */
		roof?: boolean;
		/** What one would go by, EV. */
		ev: number | null;
		/** What the button under it does. */
		action: string;
		onguess: () => void;
	}
	let {
		named = $bindable(),
		ev = $bindable(),
		rooms = false,
		roof = false,
		action,
		onguess
	}: Props = $props();

	const THIRD = 1 / 3;
	/** The school that one goes by, also tomorrow. */
	const goes = new Remembered<{ school?: ShadowsReading['school'] }>('school', {});
	let choice: ReturnType<typeof ShadowsChoice> | undefined = $state();

	/** Calls the light by the name at a place of the list. */
	export function pick(at: number): void {
		if (!(rooms && inside)) return choice?.pick(at);
		if (at < placeKinds.length) call({ method: 'place', place: placeKinds[at].id });
	}

	let chosen = $state<boolean | null>(null);
	const inside = $derived(chosen ?? roof);

	function call(reading: Named) {
		named = reading;
		ev = roundToThird(resolveLight(reading).ev);
	}
</script>

{#if rooms}
	<ChoiceField
		label="It is"
		value={inside ? 'inside' : 'daylight'}
		options={[
			{ value: 'daylight', name: 'daylight' },
			{ value: 'inside', name: 'a room, or night' }
		]}
		onchange={(next) => {
			chosen = next === 'inside';
			[named, ev] = [null, null];
		}}
	/>
{/if}
{#if rooms && inside}
	<PlacePanel
		light={named}
		onread={(reading) => 'method' in reading && reading.method === 'place' && call(reading)}
	/>
{:else}
	<ShadowsChoice
		bind:this={choice}
		current={named?.method === 'shadows' ? named : null}
		told={false}
		usual={goes.value.school ?? ownSettings.record?.school}
		onread={call}
		onschool={(school) => goes.set({ school })}
	/>
{/if}
<div class="bar">
	{#if ev === null}
		<p class="soft">What do you call this light?</p>
	{:else}
		<div class="steps">
			<button class="quiet" aria-label="A third darker" onclick={() => (ev = roundToThird(ev! - THIRD))}
				>Darker</button
			>
			<p class="figures" role="status">
				<strong>{apertureRule(ev)}</strong>
				<span class="soft">EV {formatEv(ev)}</span>
			</p>
			<button class="quiet" aria-label="A third brighter" onclick={() => (ev = roundToThird(ev! + THIRD))}
				>Brighter</button
			>
		</div>
		<AsSettings bind:ev />
		<button class="action" onclick={onguess}>{action}</button>
	{/if}
</div>

<style>
	.bar {
		position: sticky;
		bottom: 0;
		display: grid;
		gap: 0.5rem;
		padding-block: 0.5rem;
		background: var(--paper);
		border-top: 1px solid var(--line);
	}
	.steps {
		display: grid;
		grid-template-columns: auto 1fr auto;
		align-items: center;
		gap: 0.5rem;
		text-align: center;
	}
	.steps strong,
	.steps span {
		display: block;
	}
	strong {
		font-family: var(--typo-heading--font-family);
		font-size: 1.25rem;
	}
</style>
