<!-- A recipe: what it is mixed from, how long it takes, how often it serves. -->
<script lang="ts">
	import { formatTemperature, volumeUnit } from '$core/units';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import {
		agitationOf,
		isDeveloper,
		usualRecipes,
		type Agitation,
		type Part,
		type Powder,
		type RecipeTime
	} from '$core/develop';
	import { agitationInWords, bathInWords } from '$words';
	import { bathKinds } from '$contract/recipes';
	import { recipeRecordSchema, type RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import LinesField from '$lib/forms/LinesField.svelte';
	import { stopsQuantity } from '$lib/forms/exposures';
	import { volumeQuantity } from '$lib/forms/measured';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import RecordForm from '$lib/forms/RecordForm.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import type { Kept } from '$lib/records/client';
	import Care from './Care.svelte';
	import { partLine, powderLine, recipeTimeLine } from './recipe-lines';

	interface Props {
		stored: Kept<RecipeRecord> | null;
		/** What a new one begins as; absent: a usual one. */
		from?: Kept<RecipeRecord> | null;
	}
	let { stored, from = null }: Props = $props();

	/** A version of its own: the one it began as stays, with what was developed in it. */
	function versionOf({ id: _, version: __, rollsDone: ___, ...recipe }: Kept<RecipeRecord>): RecipeRecord {
		const [, stem, number] = /^(.*?)(?: (\d+))?$/.exec(recipe.name)!;
		return { ...recipe, name: `${stem} ${Number(number ?? 1) + 1}` };
	}

	const [first] = usualRecipes;
	// svelte-ignore state_referenced_locally -- a form begins with what was stored and is the person's from then on
	const initial = from ? versionOf(from) : structuredClone(first);
	// svelte-ignore state_referenced_locally -- see above
	const editor = new RecordEditor('recipes', recipeRecordSchema, stored, initial);
	const { form } = editor;
	const loose = form as unknown as FormState<object>;
	const draft = $derived(form.draft);
	const set = (fields: Partial<RecipeRecord>) => editor.set(fields);
	const usualAgitation = $derived(agitationOf({ kind: draft.kind }, 'usual', 600));

	/** An agitation is one thing: without a number of either it is the usual one again. */
	function setAgitation(changes: Partial<Record<keyof Agitation, unknown>>) {
		const next = { ...$state.snapshot(draft.agitation), ...changes };
		const none = next.first === undefined && next.inversions === undefined;
		set({ agitation: none ? undefined : (next as Agitation) });
	}
	const orNone = <T,>(list: T[]) => (list.length > 0 ? list : undefined);

	let usual = $state(first.name);
	function startFrom(name: string) {
		usual = name;
		const found = usualRecipes.find((each) => each.name === name);
		if (found) editor.begin(structuredClone(found));
	}

	const onsaved = ({ id }: Kept<RecipeRecord>) => goto(resolve(`/develop/${id}`), { invalidateAll: true });
</script>

<RecordForm
	{editor}
	title={stored ? stored.name : 'A recipe'}
	back={{ href: resolve('/develop'), name: 'Back to Develop' }}
	action="Save the recipe"
	{onsaved}
>
	{#snippet about()}<Care kind={draft.kind} />{/snippet}
	{#snippet fields()}
		{#if !stored && !from}
			<div class="fields">
				<ChoiceField
					label="Start from a usual one"
					value={usual}
					options={usualRecipes.map(({ name }) => ({ value: name, name }))}
					onchange={startFrom}
				/>
			</div>
		{/if}
		{#key editor.generation}
			<div class="fields">
				<TextField
					form={loose}
					path="name"
					label="Its name"
					value={draft.name}
					onchange={(name) => set({ name })}
				/>
				<ChoiceField
					label="What it is"
					value={draft.kind}
					options={bathKinds.map((kind) => ({ value: kind, name: bathInWords[kind] }))}
					onchange={(kind) => set({ kind })}
				/>
				<QuantityField
					form={loose}
					path="rollsPerLitre"
					label="Rolls per litre"
					hint="empty: one-shot"
					value={draft.rollsPerLitre}
					quantity={plainNumber}
					onchange={(rollsPerLitre) => set({ rollsPerLitre })}
				/>
				<QuantityField
					form={loose}
					path="replenish"
					label="Replenisher per roll, {volumeUnit()}"
					hint="empty: none is added"
					value={draft.replenish}
					quantity={volumeQuantity}
					onchange={(replenish) => set({ replenish })}
				/>
				<QuantityField
					form={loose}
					path="speedStops"
					label="Changes film speed by, stops"
					hint="−1 loses a stop; empty: none. Loads planned for it are exposed to match."
					value={draft.speedStops}
					quantity={stopsQuantity}
					onchange={(speedStops) => set({ speedStops })}
				/>
			</div>
			{#if isDeveloper(draft.kind)}
				<fieldset>
					<legend>Agitation</legend>
					<div class="fields">
						<QuantityField
							form={loose}
							path="agitation.first"
							label="Without a pause for the first, s"
							value={draft.agitation?.first}
							hint={draft.agitation ? '' : `empty: ${agitationInWords(usualAgitation, 600)}`}
							quantity={plainNumber}
							onchange={(first) => setAgitation({ first })}
						/>
						<QuantityField
							form={loose}
							path="agitation.inversions"
							label="Then turns"
							value={draft.agitation?.inversions}
							hint="0: let it stand"
							quantity={plainNumber}
							onchange={(inversions) => setAgitation({ inversions })}
						/>
						{#if draft.agitation}
							<QuantityField
								form={loose}
								path="agitation.every"
								label="Every, s"
								value={draft.agitation.every}
								hint="empty: every minute"
								quantity={plainNumber}
								onchange={(every) => setAgitation({ every })}
							/>
							<QuantityField
								form={loose}
								path="agitation.within"
								label="In, s"
								value={draft.agitation.within}
								hint="empty: 2½ s for each turn"
								quantity={plainNumber}
								onchange={(within) => setAgitation({ within })}
							/>
						{/if}
						<label class="tick-box">
							<input
								type="checkbox"
								checked={draft.agitation?.gentle ?? false}
								disabled={!draft.agitation}
								onchange={(event) => setAgitation({ gentle: event.currentTarget.checked || undefined })}
							/>
							Slowly: it streaks when shaken
						</label>
					</div>
				</fieldset>
			{/if}
			<div class="fields wide">
				<TextField
					form={loose}
					path="mixedOn"
					label="Stock mixed or opened on"
					hint="such as 2026-05-02; empty: not known"
					value={draft.mixedOn}
					onchange={(mixedOn) => set({ mixedOn: mixedOn || undefined })}
				/>
				<QuantityField
					form={loose}
					path="keepsDays"
					label="Keeps for, days"
					value={draft.keepsDays}
					quantity={plainNumber}
					onchange={(keepsDays) => set({ keepsDays })}
				/>
				<LinesField
					form={loose}
					path="parts"
					label="By parts"
					hint="one per line: A, 1 · Water, 14 · or all in ml: Water 750 ml"
					value={draft.parts ?? []}
					line={partLine}
					onchange={(parts: Part[]) => set({ parts: orNone(parts) })}
				/>
				<LinesField
					form={loose}
					path="powders"
					label="Or powders per litre"
					hint="in the order they go in: Water 750 ml · Soda, 20 g · Bromide, 6 ml of 10 %"
					value={draft.powders ?? []}
					line={powderLine}
					onchange={(powders: Powder[]) => set({ powders: orNone(powders) })}
				/>
				<LinesField
					form={loose}
					path="times"
					label="Your times"
					hint="one per line: {formatTemperature(20)}, 10:00 · a range: {formatTemperature(
						20
					)}, 8:00 to 14:00 · of another dilution: {formatTemperature(20)}, 1 + 14, 13:00"
					value={draft.times ?? []}
					line={recipeTimeLine}
					onchange={(times: RecipeTime[]) => set({ times: orNone(times) })}
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
		{/key}
	{/snippet}
	{#snippet more()}<a class="quiet" href={resolve('/develop')}>Cancel</a>{/snippet}
</RecordForm>

<style>
	legend {
		font-size: 1rem;
	}
	.wide {
		grid-template-columns: repeat(auto-fill, minmax(min(18rem, 100%), 1fr));
	}
</style>
