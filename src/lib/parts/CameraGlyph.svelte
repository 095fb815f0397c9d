<!-- A small drawing of a kind of camera: ours, in one line weight. -->
<script lang="ts">
	let { kind, size = 56 }: { kind: string | undefined; size?: number } = $props();
</script>

<svg
	viewBox="0 0 64 48"
	width={size}
	height={size * 0.75}
	fill="none"
	stroke="currentColor"
	stroke-width="2"
	stroke-linejoin="round"
	stroke-linecap="round"
	aria-hidden="true"
>
	{#if kind === 'box'}
		<path d="M14 10h28v32H14zM42 10l8 5v32l-8-5M14 10l8-4h28l-8 4" transform="translate(0 -2)" />
		<circle cx="28" cy="25" r="7" /><circle cx="28" cy="25" r="2" fill="currentColor" />
		<path d="M19 13h6v5h-6zM42 30h4" />
	{:else if kind === 'plastic-medium-format'}
		<path d="M8 16h48v24H8zM20 16l3-7h18l3 7" /><circle cx="32" cy="28" r="9" /><circle
			cx="32"
			cy="28"
			r="4"
		/>
		<path d="M28 12h8M50 20v4" />
	{:else if kind === 'point-and-shoot'}
		<rect x="6" y="13" width="52" height="26" rx="6" /><circle cx="36" cy="27" r="7" /><circle
			cx="36"
			cy="27"
			r="2.5"
		/>
		<path d="M12 18h10v6H12zM46 13v-3h6v3" />
	{:else if kind === 'full-settings'}
		<path d="M6 40h52M10 40V12h14v28M24 16l6 4v14l-6 4M30 20l6-2v18l-6-2M36 18l6 4v10l-6 4" /><circle
			cx="47"
			cy="27"
			r="6"
		/><path d="M42 36l4 4M10 12l6-5h8" />
	{:else if kind === 'swing-lens'}
		<path d="M4 18c18-7 38-7 56 0v18c-18-7-38-7-56 0z" /><path d="M27 21h10v11H27z" /><circle
			cx="32"
			cy="26.5"
			r="3"
		/><path d="M28 12V8h8v4" />
	{:else if kind === 'cine' || kind === 'automatic-cine'}
		<path d="M16 12h26v28H16z" /><circle cx="24" cy="21" r="5" /><circle cx="35" cy="33" r="4" /><path
			d="M42 17h12v7H42M42 30h6M16 20h-5v-5"
		/>
	{:else if kind === 'pinhole'}
		<path d="M12 14h40v26H12z" /><circle cx="32" cy="27" r="1.6" fill="currentColor" /><path
			d="M26 20h12v14H26zM38 20l6-4"
		/>
	{:else if kind === 'folding-instant'}
		<path d="M6 40h52L46 18H24zM24 18l6-10h14l2 10M14 40l10-22" /><circle cx="36" cy="29" r="5" /><circle
			cx="47"
			cy="33"
			r="2"
		/>
	{:else if kind === 'box-instant'}
		<path d="M10 36l4-22h30l4 22zM8 36h42v7H8zM16 40h26" /><circle cx="27" cy="26" r="6" /><circle
			cx="27"
			cy="26"
			r="2"
			fill="currentColor"
		/>
		<path d="M16 18h6v4h-6zM36 8h14v6H36z" /><circle cx="39" cy="26" r="1.5" fill="currentColor" />
	{:else if kind === 'instant-twin-lens'}
		<path d="M14 8h26v34H14zM40 14h10v26H40M18 4h18v4" /><circle cx="27" cy="17" r="5" /><circle
			cx="27"
			cy="32"
			r="6"
		/><circle cx="27" cy="32" r="2" fill="currentColor" />
	{:else if kind === 'automatic-pack' || kind === 'converted-pack'}
		<path d="M6 14h10v26H6zM16 17l6 3v14l-6 3M22 20l6-2v18l-6-2M28 18l6 2v14l-6 2" /><path
			d="M34 14h20v26H34z"
		/><circle cx="44" cy="30" r="5" /><circle cx="48" cy="19" r="2" fill="currentColor" />
	{:else if kind === 'automatic-point-and-shoot'}
		<rect x="6" y="14" width="52" height="26" rx="3" /><circle cx="28" cy="27" r="8" /><circle
			cx="28"
			cy="27"
			r="3"
		/><circle cx="44" cy="21" r="2" fill="currentColor" />
		<path d="M50 18h4v6h-4zM12 14v-3h8v3" />
	{:else}
		<rect x="8" y="14" width="48" height="26" rx="3" /><circle cx="32" cy="27" r="8" /><path
			d="M14 14v-4h10v4"
		/>
	{/if}
</svg>
