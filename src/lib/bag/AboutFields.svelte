<!-- What hands must know of a camera: its lever, its finder, its filters, what is forgotten, and notes. -->
<script lang="ts">
	import { usualChecklist, type Position } from '$core/camera';
	import { aimInWords } from '$words';
	import type { CameraRecord } from '$contract/records';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import LinesField from '$lib/forms/LinesField.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import { positionLine, stepLine } from './position-line';

	interface Props {
		form: FormState<CameraRecord>;
		set: (fields: Partial<CameraRecord>) => void;
		/** The flashes of the bag. */
		flashes: readonly { id: string; name: string }[];
	}
	let { form, set, flashes }: Props = $props();

	const { draft } = $derived(form);
	const list = $derived(draft.checklist ?? usualChecklist(draft));
	const aim = $derived(aimInWords(draft, draft));
	const loose = $derived(form as unknown as FormState<object>);

	const goesWith = (id: string) => draft.flashes?.includes(id) ?? true;
	function setFlash(which: string, on: boolean) {
		const fitting = flashes.filter(({ id }) => (id === which ? on : goesWith(id)));
		set({ flashes: fitting.length === flashes.length ? undefined : fitting.map(({ id }) => id) });
	}

	function setBack(side: 'below' | 'right', part: number | undefined) {
		const back = { below: 0, ...draft.back, [side]: part };
		set({ back: part === undefined && side === 'below' ? undefined : back });
	}

	function setFinder(side: 'above' | 'right', mm: number | undefined) {
		const finder = { above: 0, ...draft.finder, [side]: mm };
		set({ finder: mm === undefined && side === 'above' ? undefined : finder });
	}
</script>

<div class="fields">
	<LinesField
		form={loose}
		path="positions"
		label="A lever that moves several things"
		hint="one position per line, such as: sun, f/16, 1/100, ISO 75; empty: none"
		value={draft.positions ?? []}
		line={positionLine}
		onchange={(positions: Position[]) => set({ positions: positions.length > 0 ? positions : undefined })}
	/>
	<QuantityField
		form={loose}
		path="finder.above"
		label="Finder above the lens, mm"
		hint="a minus for below it; empty: through the lens"
		value={draft.finder?.above}
		quantity={plainNumber}
		onchange={(above) => setFinder('above', above)}
	/>
	<QuantityField
		form={loose}
		path="finder.right"
		label="Finder right of the lens, mm"
		hint="as you hold it; a minus for left"
		value={draft.finder?.right}
		quantity={plainNumber}
		onchange={(right) => setFinder('right', right)}
	/>
	<TextField
		form={loose}
		path="aim"
		label="Where to aim"
		hint={aim || 'such as: put the subject one fifth of the frame low'}
		value={draft.aim}
		onchange={(next) => set({ aim: next || undefined })}
	/>
	<QuantityField
		form={loose}
		path="back.below"
		label="Back aims lower by, part of the frame"
		hint="0.2 is one fifth; a minus for higher; empty: same as the finder"
		value={draft.back?.below}
		quantity={plainNumber}
		onchange={(below) => setBack('below', below)}
	/>
	<QuantityField
		form={loose}
		path="back.right"
		label="Back aims right by, part of the frame"
		hint="a minus for left"
		value={draft.back?.right}
		quantity={plainNumber}
		onchange={(right) => setBack('right', right)}
	/>
	<QuantityField
		form={loose}
		path="filterThread"
		label="Filter thread, mm"
		value={draft.filterThread}
		quantity={plainNumber}
		onchange={(filterThread) => set({ filterThread })}
	/>
</div>
{#if flashes.length > 0}
	<fieldset>
		<legend>Flashes it works with</legend>
		{#each flashes as { id, name } (id)}
			<label class="tick-box">
				<input
					type="checkbox"
					checked={goesWith(id)}
					onchange={(event) => setFlash(id, event.currentTarget.checked)}
				/>
				{name}
			</label>
		{/each}
	</fieldset>
{/if}
<div class="fields wide">
	<LinesField
		form={loose}
		path="checklist.load"
		label="Loading checklist"
		hint="one per line, easiest to forget first"
		value={list.load}
		line={stepLine}
		onchange={(load: string[]) => set({ checklist: { ...list, load } })}
	/>
	<LinesField
		form={loose}
		path="checklist.frame"
		label="Checklist for each frame"
		value={list.frame}
		line={stepLine}
		onchange={(frame: string[]) => set({ checklist: { ...list, frame } })}
	/>
	<TextField
		form={loose}
		path="notes"
		label="Notes"
		long
		value={draft.notes}
		onchange={(notes) => set({ notes: notes || undefined })}
	/>
</div>

<style>
	.wide {
		grid-template-columns: repeat(auto-fill, minmax(min(18rem, 100%), 1fr));
	}
</style>
