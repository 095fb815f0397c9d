<!-- One way of using the camera: what is in it, before it and done to it, and what that costs. -->
<script lang="ts">
	import { automaticExposure, wheelPositions } from '$core/camera';
	import { formatStops } from '$core/units';
	import { capital, wheelInWords } from '$words';
	import type { CameraRecord } from '$contract/records';
	import { filtersToTry } from '$lib/bag/filters-to-try';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import Sheet from '$lib/parts/Sheet.svelte';
	import { filmsFor, framePrice, type WayDraft, type WaysBag } from './ways';

	interface Props {
		draft: WayDraft;
		/** The camera that all is about. */
		own: CameraRecord & { id: string };
		records: WaysBag;
		/** What a way is called by what it is. */
		nameOf: (draft: WayDraft) => string;
		fresh: boolean;
		onchoose: (draft: WayDraft) => void;
		onremove: () => void;
		onclose: () => void;
	}
	let { draft, own, records, nameOf, fresh, onchoose, onremove, onclose }: Props = $props();

	// svelte-ignore state_referenced_locally -- a form begins with what was there
	let way = $state.raw(draft);
	const change = (changes: Partial<WayDraft>) => (way = { ...way, ...changes });

	const cameras = $derived(records.cameras.filter(({ archived }) => !archived));
	const camera = $derived(cameras.find(({ id }) => id === way.cameraId) ?? own);
	const films = $derived(filmsFor(camera, records));
	const eye = $derived(automaticExposure(camera));
	const wheel = $derived(eye?.compensation ? wheelPositions(eye.compensation) : []);
	const filters = $derived(filtersToTry(records.gear));
	const flashes = $derived(records.gear.flatMap((piece) => (piece.type === 'flash' ? [piece] : [])));
	const usual = $derived(framePrice(records, way.filmId, camera));
	const speeds = $derived([...new Set([...records.films.map(({ iso }) => iso)])].sort((a, b) => a - b));
	const PUSHES = [-2, -1, 0, 1, 2];

	function chooseCamera(id: string): void {
		const next = cameras.find((each) => each.id === id) ?? own;
		const fitting = filmsFor(next, records);
		const filmId = fitting.some((film) => film.id === way.filmId)
			? way.filmId
			: (fitting[0]?.id ?? way.filmId);
		change({ cameraId: id === own.id ? '' : id, filmId, wheel: null, eye: null });
	}
	const pushName = (stops: number) =>
		stops === 0 ? 'as usual' : `${stops > 0 ? 'push' : 'pull'} ${formatStops(Math.abs(stops))}`;
</script>

<Sheet title={fresh ? 'Another way' : 'Change this way'} {onclose}>
	<form
		class="way"
		onsubmit={(event) => {
			event.preventDefault();
			onchoose(way);
		}}
	>
		<ChoiceField
			label="Film"
			value={way.filmId}
			options={films.map(({ id, name: called }) => ({ value: id, name: called }))}
			onchange={(filmId) => change({ filmId })}
		/>
		<ChoiceField
			label="Filter"
			value={way.filter}
			options={[
				{ value: '', name: 'none' },
				...filters.map(({ id, filter }) => ({ value: id, name: filter.name }))
			]}
			onchange={(filter) => change({ filter })}
		/>
		{#if way.filter}
			<ChoiceField
				label="It sits"
				value={way.sits}
				options={[
					{ value: 'lens', name: 'on the lens, when it helps' },
					...(eye ? [{ value: 'both', name: 'over lens and eye, when it helps' } as const] : []),
					{ value: 'pack', name: 'on the pack, always' }
				]}
				onchange={(sits) => change({ sits })}
			/>
		{/if}
		{#if wheel.length > 1}
			<ChoiceField
				label="Wheel"
				value={way.wheel === null ? '' : String(way.wheel)}
				options={[
					{ value: '', name: 'as suits each frame' },
					...wheel.map((place) => ({ value: String(place), name: wheelInWords(place) }))
				]}
				onchange={(place) => change({ wheel: place === '' ? null : Number(place) })}
			/>
		{/if}
		{#if eye}
			<ChoiceField
				label="Its eye, converted"
				value={way.eye === null ? '' : String(way.eye)}
				options={[
					{ value: '', name: 'as it is' },
					...speeds.map((iso) => ({ value: String(iso), name: `for ISO ${iso}` }))
				]}
				onchange={(iso) => change({ eye: iso === '' ? null : Number(iso) })}
			/>
		{/if}
		<ChoiceField
			label="Development"
			value={String(way.push)}
			options={PUSHES.map((stops) => ({ value: String(stops), name: pushName(stops) }))}
			onchange={(push) => change({ push: Number(push) })}
		/>
		{#if flashes.length > 0}
			<ChoiceField
				label="Flash"
				value={way.flash}
				options={[
					{ value: '', name: 'none' },
					...flashes.map(({ id, name: called }) => ({ value: id, name: called }))
				]}
				onchange={(flash) => change({ flash })}
			/>
		{/if}
		<ChoiceField
			label="Camera"
			value={camera.id}
			options={cameras.map(({ id, name: called }) => ({ value: id, name: called }))}
			onchange={chooseCamera}
		/>
		<NumberBox
			label="Price, once"
			hint="Filter, conversion, flash or camera."
			value={way.once || undefined}
			least={0}
			problem="Write a price such as 18, or leave it empty."
			onchange={(once) => change({ once: once ?? 0 })}
		/>
		<NumberBox
			label="Price of a frame"
			hint={usual === undefined ? '' : 'Empty: what your last pack or roll cost.'}
			placeholder={usual?.toFixed(2)}
			value={way.frame ?? undefined}
			least={0}
			problem="Write a price such as 2.00, or leave it empty."
			onchange={(frame) => change({ frame: frame ?? null })}
		/>
		<div class="whole">
			<Field label="Called">
				{#snippet control(attributes)}
					<input
						{...attributes}
						maxlength="60"
						placeholder={capital(nameOf(way))}
						value={way.called}
						oninput={(event) => change({ called: event.currentTarget.value })}
					/>
				{/snippet}
			</Field>
		</div>
		<p class="end whole">
			{#if !fresh}<button class="quiet" type="button" onclick={onremove}>Remove it</button>{/if}
			<button class="quiet" type="button" onclick={onclose}>Cancel</button>
			<button class="action">{fresh ? 'Compare it' : 'Done'}</button>
		</p>
	</form>
</Sheet>

<style>
	.way {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 0.75rem;
	}
	.whole {
		grid-column: 1 / -1;
	}
</style>
