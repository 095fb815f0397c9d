<!-- What was on the camera at a frame, to be put right: lever, filters, close-up lens, flash, support, and where its eye stood. -->
<script lang="ts">
	import { automaticExposure, dialSpeeds } from '$core/camera';
	import { BUILT_IN } from '$core/flash';
	import { isSameThing } from '$core/match';
	import { meterDifferenceOf, resolveLight, type Light } from '$core/light';
	import { roundToThird } from '$core/units';
	import { filtersOf } from '$contract/own-filters';
	import type { CameraRecord, FrameRecord, GearRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { elsewhereOptions } from '$lib/parts/elsewhere';
	import FilterTicks from '$lib/parts/FilterTicks.svelte';
	import type { Kept } from '$lib/records/client';

	interface Props {
		frame: FrameRecord;
		camera: CameraRecord;
		gear: readonly Kept<GearRecord>[];
		onchange: (changes: Partial<FrameRecord>) => void;
	}
	let { frame, camera, gear, onchange }: Props = $props();

	const NONE = '';
	const AS_IT_WAS = 'as it was';
	const eye = $derived(automaticExposure(camera));
	const dial = $derived(dialSpeeds(camera));
	const positions = $derived(camera.positions ?? []);
	const worn = $derived(frame.filters ?? []);
	/** Those of the bag, and those that were on the lens and are not in it any more. */
	const filters = $derived.by(() => {
		const all = filtersOf(gear);
		return [...all, ...worn.filter((each) => !all.some((filter) => isSameThing(filter, each)))];
	});
	function wear(filter: (typeof filters)[number], on: boolean) {
		const others = worn.filter((each) => !isSameThing(each, filter));
		const next = on ? [...others, filter] : others;
		onchange({ filters: next.length > 0 ? $state.snapshot(next) : undefined });
	}

	const closeUps = $derived([
		...gear.flatMap((piece) =>
			piece.type === 'close-up' ? [{ id: piece.id, name: piece.name, dioptres: piece.dioptres }] : []
		),
		...(frame.closeUp && !gear.some(({ id }) => id === frame.closeUp?.id) ? [frame.closeUp] : [])
	]);

	const flashes = $derived([
		...gear.flatMap((piece) =>
			piece.type === 'flash'
				? piece.powers.map((power) => ({
						value: `${piece.id} ${power}`,
						name: `${piece.name}${piece.powers.length > 1 ? `, ${power === 1 ? 'full' : `1/${Math.round(1 / power)}`} power` : ''}`,
						flash: { id: piece.id, name: piece.name, guideNumber: piece.guideNumber, power }
					}))
				: []
		),
		...(camera.flash
			? [
					{
						value: BUILT_IN,
						name: BUILT_IN,
						flash: { name: BUILT_IN, guideNumber: camera.flash.guideNumber, power: 1 }
					}
				]
			: [])
	]);
	const fired = $derived.by(() => {
		const { flash } = frame;
		if (!flash) return NONE;
		if (typeof flash !== 'object') return AS_IT_WAS;
		const known = flashes.find(
			({ flash: each }) => ('id' in each ? each.id : undefined) === flash.id && each.power === flash.power
		);
		return known?.value ?? AS_IT_WAS;
	});

	const apart = $derived(roundToThird(meterDifferenceOf(frame.light)));
	function stood(stops: number) {
		if (!frame.light) return;
		const {
			meterEv: _,
			meterSd: _sd,
			...light
		} = $state.snapshot(frame.light) as Light & {
			meterEv?: number;
			meterSd?: number;
		};
		const plain = light as Light;
		onchange({ light: stops === 0 ? plain : { ...plain, meterEv: resolveLight(plain).ev + stops } });
	}
</script>

<div class="fields">
	{#if positions.length > 1}
		<ChoiceField
			label="Lever"
			value={frame.settings.position ?? NONE}
			options={[
				...(frame.settings.position ? [] : [{ value: NONE, name: 'not noted' }]),
				...positions.map(({ label }) => ({ value: label, name: label }))
			]}
			onchange={(position) => {
				const place = positions.find(({ label }) => label === position);
				const { f, seconds, iso } = frame.settings;
				const moved = { f: place?.f ?? f, seconds: place?.seconds ?? seconds, iso: place?.iso ?? iso };
				onchange({ settings: { ...$state.snapshot(frame.settings), ...moved, position: position || null } });
			}}
		/>
	{/if}
	{#if dial.length > 1 && frame.settings.iso !== null}
		<ChoiceField
			label="Film-speed dial"
			value={String(frame.settings.iso)}
			options={[...new Set([...dial, frame.settings.iso])].map((iso) => ({
				value: String(iso),
				name: `ISO ${iso}`
			}))}
			onchange={(iso) => onchange({ settings: { ...$state.snapshot(frame.settings), iso: Number(iso) } })}
		/>
	{/if}
	{#if eye && frame.light}
		<ChoiceField
			label="Light on its eye"
			value={String(apart)}
			options={elsewhereOptions(apart)}
			onchange={(stops) => stood(Number(stops))}
		/>
	{/if}
	{#if flashes.length > 0 || fired !== NONE}
		<ChoiceField
			label="Flash"
			value={fired}
			options={[
				{ value: NONE, name: 'none' },
				...(fired === AS_IT_WAS ? [{ value: AS_IT_WAS, name: 'fired, as logged' }] : []),
				...flashes
			]}
			onchange={(value) => {
				if (value !== AS_IT_WAS) onchange({ flash: flashes.find((each) => each.value === value)?.flash });
			}}
		/>
	{/if}
	{#if closeUps.length > 0}
		<ChoiceField
			label="Close-up lens"
			value={frame.closeUp?.name ?? NONE}
			options={[{ value: NONE, name: 'none' }, ...closeUps.map(({ name }) => ({ value: name, name }))]}
			onchange={(name) => onchange({ closeUp: $state.snapshot(closeUps.find((each) => each.name === name)) })}
		/>
	{/if}
</div>
<FilterTicks {filters} {worn} onwear={wear} />
<label class="tick-box">
	<input
		type="checkbox"
		checked={frame.handheld === false}
		onchange={(event) => onchange({ handheld: !event.currentTarget.checked })}
	/>
	It was on a tripod or a wall
</label>
