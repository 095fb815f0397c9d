<!-- One scene of an outing: when, in which light, how many frames, and what is wanted of it. -->
<script lang="ts">
	import { lengthUnit } from '$core/units';
	import { placeKinds, type Exposed, type Sky } from '$core/light';
	import type { FilmWish, Scene, SceneLight } from '$core/plan';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { distanceQuantity, plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import { skyNames, subjectNames } from '$lib/light/sky-names';
	import { filmWishes, holds, secondsOf, wantedDepths, wantedTimeOf, wantedTimes } from '$lib/parts/wanted';

	interface Props {
		form: FormState<object>;
		/** Where its fields stand in the form, such as "scenes.0". */
		path: string;
		scene: Scene;
		onchange: (changes: Partial<Scene>) => void;
	}
	let { form, path, scene, onchange }: Props = $props();

	const ways: { value: SceneLight['by']; name: string }[] = [
		{ value: 'sky', name: 'sun and sky at that hour' },
		{ value: 'place', name: 'a kind of place' },
		{ value: 'ev', name: 'an EV I know' }
	];
	const begun: Readonly<Record<SceneLight['by'], SceneLight>> = {
		sky: { by: 'sky', sky: 'clear', subject: 'facing' },
		place: { by: 'place', place: 'bright-street' },
		ev: { by: 'ev', ev: 8, sd: 1 }
	};
	const { light, intent = {} } = $derived(scene);
	const want = (changes: Scene['intent']) => onchange({ intent: { ...intent, ...changes } });
	const hold = $derived(
		intent.handheld === undefined ? 'free' : intent.handheld ? ('hand' as const) : ('support' as const)
	);
	/** Noon: what is earlier may be meant for the night after. */
	const maybeNextDay = $derived(scene.nextDay || scene.at < '12:00');
</script>

<div class="grid">
	<TextField
		{form}
		path="{path}.name"
		label="Scene"
		value={scene.name}
		onchange={(name) => onchange({ name })}
	/>
	<Field label="At" problem={form.problemAt(`${path}.at`)}>
		{#snippet control(attributes)}<input
				{...attributes}
				type="time"
				value={scene.at}
				oninput={(event) => {
					form.touch(`${path}.at`);
					onchange({ at: event.currentTarget.value });
				}}
			/>{/snippet}
	</Field>
	{#if maybeNextDay}
		<label class="tick-box"
			><input
				type="checkbox"
				checked={scene.nextDay ?? false}
				onchange={(event) => onchange({ nextDay: event.currentTarget.checked || undefined })}
			/> after midnight, that same night</label
		>
	{/if}
	<QuantityField
		{form}
		path="{path}.frames"
		label="Frames, at most"
		inputmode="decimal"
		value={scene.frames as number | undefined}
		quantity={plainNumber}
		onchange={(frames) => onchange({ frames: frames as number })}
	/>
	<ChoiceField
		label="Its light"
		value={light.by}
		options={ways}
		onchange={(by) => onchange({ light: begun[by] })}
	/>
	{#if light.by === 'sky'}
		<ChoiceField
			label="The sky"
			value={light.sky}
			options={skyNames}
			onchange={(sky) => onchange({ light: { ...light, sky: sky as Sky } })}
		/>
		<ChoiceField
			label="The subject"
			value={light.subject}
			options={subjectNames}
			onchange={(subject) => onchange({ light: { ...light, subject: subject as Exposed } })}
		/>
	{:else if light.by === 'place'}
		<ChoiceField
			label="The place"
			value={light.place}
			options={placeKinds.map(({ id, words }) => ({ value: id, name: words }))}
			onchange={(place) => onchange({ light: { ...light, place } })}
		/>
	{:else}
		{#each [{ key: 'ev', label: 'EV at ISO 100' }, { key: 'sd', label: 'give or take, stops' }] as const as { key, label } (key)}
			<QuantityField
				{form}
				path="{path}.light.{key}"
				{label}
				inputmode="decimal"
				value={light[key] as number | undefined}
				quantity={plainNumber}
				onchange={(value) => onchange({ light: { ...light, [key]: value as number } })}
			/>
		{/each}
	{/if}
	<ChoiceField
		label="Time"
		value={wantedTimeOf(intent.seconds)}
		options={wantedTimes}
		onchange={(time) => want({ seconds: secondsOf(time) })}
	/>
	<ChoiceField
		label="Depth"
		value={String(scene.depth ?? 0)}
		options={wantedDepths}
		onchange={(depth) => onchange({ depth: Number(depth) || undefined })}
	/>
	<ChoiceField
		label="Film"
		value={scene.on ?? 'any'}
		options={filmWishes}
		onchange={(on) => onchange({ on: on === 'any' ? undefined : (on as FilmWish) })}
	/>
	<ChoiceField
		label="Held"
		value={hold}
		options={holds}
		onchange={(next) => want({ handheld: next === 'free' ? undefined : next === 'hand' })}
	/>
	<QuantityField
		{form}
		path="{path}.intent.subjectDistance"
		label="Its distance, {lengthUnit()}"
		hint="optional"
		inputmode="decimal"
		value={intent.subjectDistance}
		quantity={distanceQuantity}
		onchange={(subjectDistance) => want({ subjectDistance })}
	/>
</div>

<style>
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(12rem, 100%), 1fr));
		gap: 0.6rem 1rem;
		padding-block: 0.5rem 1rem;
	}
	.tick-box {
		align-self: end;
	}
</style>
