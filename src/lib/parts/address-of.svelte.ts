/**
 * An address by which a file in this browser is shown, as long as what shows it is there.
 *
 * @param file the file, as it is now
 * @returns its address; an empty text before there is one
 */
export function addressOf(file: () => Blob | undefined): { readonly current: string } {
	let current = $state('');
	$effect(() => {
		const shown = file();
		const made = shown ? URL.createObjectURL(shown) : '';
		current = made;
		return () => URL.revokeObjectURL(made);
	});
	return {
		get current() {
			return current;
		}
	};
}
