<!-- A reading by meter, as the meter shows it. -->
<script lang="ts">
	import type { Light, MeterReading } from '$core/light';
	import { resolveLight } from '$core/light';
	import { lightInWords } from '$core/words';
	import { lightSchema } from '$contract/light';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { filmSpeedQuantity, fNumberQuantity, plainNumber, timeQuantity } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';

	let { light, onread }: { light: Light | null; onread: (light: Light) => void } = $props();

	type Shows = 'settings' | 'ev' | 'lux';
	type Draft = Record<string, unknown> & { method: 'meter'; kind: MeterReading['kind'] };

	const blank: Draft = { method: 'meter', kind: 'incident', iso: 100 };
	// svelte-ignore state_referenced_locally -- a form begins with the last reading and is the person's from then on
	const last = light && 'method' in light && light.method === 'meter' ? light : null;
	// svelte-ignore state_referenced_locally -- see above
	const form = new FormState<Draft>(lightSchema as never, { ...blank, ...(last ?? {}) });
	let shows = $state<Shows>(last && 'lux' in last ? 'lux' : last && 'ev' in last ? 'ev' : 'settings');

	const tones = [
		{ value: '-2', name: 'black coat, dark bark' },
		{ value: '-1', name: 'dark foliage, slate' },
		{ value: '0', name: 'grey card, grass, weathered wood' },
		{ value: '1', name: 'pale skin, light stone' },
		{ value: '2', name: 'snow, white wall' }
	] as const;

	/** Only the fields of what the meter shows are part of the reading. */
	function change(fields: Record<string, unknown>) {
		form.draft = { ...form.draft, ...fields };
	}

	function showAs(next: Shows) {
		shows = next;
		const { method, kind, iso, tone } = form.draft;
		if (next === 'lux') form.draft = { method, kind: 'incident', lux: undefined };
		else
			form.draft = {
				method,
				kind,
				iso: iso ?? 100,
				...(tone === undefined ? {} : { tone }),
				...(next === 'ev' ? { ev: undefined } : {})
			};
	}

	function setKind(kind: MeterReading['kind']) {
		const { tone, ...rest } = form.draft;
		form.draft = kind === 'reflected' ? { ...rest, kind, tone: tone ?? 0 } : { ...rest, kind };
	}

	const preview = $derived(form.valid ? resolveLight(form.draft as unknown as Light) : null);

	function submit(event: SubmitEvent) {
		event.preventDefault();
		const reading = form.submit();
		if (reading) onread(reading as unknown as Light);
	}
</script>

<form onsubmit={submit} novalidate>
	<ChoiceField
		label="Which way"
		value={form.draft.kind}
		options={[
			{ value: 'incident', name: 'Light falling on the subject' },
			...(shows === 'lux' ? [] : [{ value: 'reflected' as const, name: 'Light coming off the subject' }])
		]}
		onchange={setKind}
	/>
	{#if form.draft.kind === 'reflected'}
		<ChoiceField
			label="Metered off"
			value={String(form.draft.tone ?? 0)}
			options={tones}
			onchange={(tone) => change({ tone: Number(tone) })}
		/>
	{/if}
	<ChoiceField
		label="The meter shows"
		value={shows}
		options={[
			{ value: 'settings', name: 'f-number and time' },
			{ value: 'ev', name: 'EV' },
			{ value: 'lux', name: 'lux' }
		]}
		onchange={showAs}
	/>
	{#key shows}
		<div class="pair">
			{#if shows !== 'lux'}
				<QuantityField
					{form}
					path="iso"
					label="Set to ISO"
					value={form.draft.iso as number | undefined}
					quantity={filmSpeedQuantity}
					onchange={(iso) => change({ iso })}
				/>
			{/if}
			{#if shows === 'settings'}
				<QuantityField
					{form}
					path="f"
					label="f-number"
					placeholder="8"
					value={form.draft.f as number | undefined}
					quantity={fNumberQuantity}
					onchange={(f) => change({ f })}
				/>
				<QuantityField
					{form}
					path="seconds"
					label="Time, s"
					placeholder="1/125"
					value={form.draft.seconds as number | undefined}
					quantity={timeQuantity}
					onchange={(seconds) => change({ seconds })}
				/>
			{:else if shows === 'ev'}
				<QuantityField
					{form}
					path="ev"
					label="EV"
					placeholder="12"
					value={form.draft.ev as number | undefined}
					quantity={plainNumber}
					onchange={(ev) => change({ ev })}
				/>
			{:else}
				<QuantityField
					{form}
					path="lux"
					label="lux"
					placeholder="5000"
					value={form.draft.lux as number | undefined}
					quantity={plainNumber}
					onchange={(lux) => change({ lux })}
				/>
			{/if}
		</div>
	{/key}
	<button class="action" type="submit">Use this reading</button>
	<p class="soft" role="status">
		{preview ? `That is ${lightInWords(preview.ev, preview.sd)}.` : 'Type what the meter shows.'}
	</p>
</form>

<style>
	form {
		display: grid;
		gap: 0.75rem;
	}
	.pair {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(5.5rem, 1fr));
		gap: 0.5rem;
	}
</style>
