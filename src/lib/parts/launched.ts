/** What a system hands over where a file is opened with the program. Source: the WICG's Launch Handler API. */
interface LaunchQueue {
	setConsumer(take: (launch: { files?: readonly { getFile(): Promise<File> }[] }) => void): void;
}

/** Takes the file that the program was opened with, if it was. */
export function onLaunched(take: (file: File) => unknown): void {
	const { launchQueue } = globalThis as { launchQueue?: LaunchQueue };
	launchQueue?.setConsumer(({ files = [] }) => {
		void files[0]?.getFile().then(take);
	});
}
