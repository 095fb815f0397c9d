<!-- Who sets the exposure; only what that kind has is shown. -->
<script lang="ts">
	import { wheelPositions, type AutomaticExposure, type Exposure, type Wheel } from '$core/camera';
	import WheelPicture from '$lib/parts/WheelPicture.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { filmSpeedQuantity, stopsQuantity } from '$lib/forms/exposures';
	import { listOf } from '$lib/forms/lists';
	import QuantityField from '$lib/forms/QuantityField.svelte';

	interface Props {
		form: FormState<object>;
		value: Exposure;
		onchange: (value: Exposure) => void;
	}
	let { form, value, onchange }: Props = $props();

	type Who = 'manual' | AutomaticExposure['sets'];
	const who = $derived<Who>(value.mode === 'auto' ? value.sets : 'manual');
	const eye = $derived(value.mode === 'auto' ? value : null);
	const usualEye: AutomaticExposure = { mode: 'auto', sets: 'time', iso: [100] };
	const usualWheel: Wheel = { darken: -1, lighten: 1, step: 0.5 };
	const speeds = listOf(filmSpeedQuantity);
	/** Most clicks that are drawn, as many as a wheel may have. */
	const MOST_CLICKS = 25;
	const places = $derived.by(() => {
		const { darken = 0, lighten = 0, step = 0 } = eye?.compensation ?? {};
		const sound = step > 0 && Number.isFinite(darken) && Number.isFinite(lighten);
		return sound && (lighten - darken) / step < MOST_CLICKS ? wheelPositions({ darken, lighten, step }) : [];
	});

	const set = (changes: Partial<AutomaticExposure>) => onchange({ ...(eye ?? usualEye), ...changes });

	function setWheel(changes: Partial<Wheel>) {
		set({ compensation: { ...(eye?.compensation ?? usualWheel), ...changes } });
	}

	/** Darken is typed as an amount; in the record it lies below 0. */
	const below = (amount: number | undefined) => (amount === undefined ? undefined : -Math.abs(amount));
</script>

<ChoiceField
	label="Who sets the exposure"
	value={who}
	options={[
		{ value: 'manual', name: 'I do' },
		{ value: 'time', name: 'its eye sets the time' },
		{ value: 'aperture', name: 'its eye sets the aperture' },
		{ value: 'both', name: 'its eye sets both' }
	]}
	onchange={(next) => (next === 'manual' ? onchange({ mode: 'manual' }) : set({ sets: next }))}
	hint={who === 'manual' ? '' : 'enter what the eye sets as a range'}
/>
{#if eye}
	<QuantityField
		{form}
		path="exposure.iso"
		label="Film speeds on its dial"
		term="dial"
		hint="or the one it’s built for"
		value={eye.iso}
		quantity={speeds}
		onchange={(iso) => set({ iso })}
	/>
	<label class="tick-box">
		<input
			type="checkbox"
			checked={eye.compensation !== undefined}
			onchange={(event) => set({ compensation: event.currentTarget.checked ? usualWheel : undefined })}
		/>
		It has a lighten–darken wheel
	</label>
	{#if eye.compensation}
		{#if places.length > 1}<WheelPicture {places} />{/if}
		<QuantityField
			{form}
			path="exposure.compensation.darken"
			label="Wheel darkens by, stops"
			term="wheel"
			value={Math.abs(eye.compensation.darken) as number | undefined}
			quantity={stopsQuantity}
			onchange={(amount) => setWheel({ darken: below(amount) as number })}
		/>
		<QuantityField
			{form}
			path="exposure.compensation.lighten"
			label="Wheel lightens by, stops"
			value={eye.compensation.lighten as number | undefined}
			quantity={stopsQuantity}
			onchange={(lighten) => setWheel({ lighten: lighten as number })}
		/>
		<QuantityField
			{form}
			path="exposure.compensation.step"
			label="One click, stops"
			value={eye.compensation.step as number | undefined}
			quantity={stopsQuantity}
			onchange={(step) => setWheel({ step: step as number })}
		/>
	{/if}
	<label class="tick-box">
		<input
			type="checkbox"
			checked={eye.meterBehindFilter ?? false}
			onchange={(event) => set({ meterBehindFilter: event.currentTarget.checked || undefined })}
		/>
		A filter on the lens also covers the eye
	</label>
{/if}
