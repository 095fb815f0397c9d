/** A new version of the program that waits: it takes the place of this one when the person says so, and never before. */
class Update {
	ready = $state(false);
	#registration: ServiceWorkerRegistration | null = null;

	/** Looks for one as long as the page is open. */
	async watch(): Promise<void> {
		const { serviceWorker } = navigator;
		if (!serviceWorker) return;
		const registration = await serviceWorker.ready;
		const look = () => {
			// The first one replaces nothing.
			if (!registration.waiting || !serviceWorker.controller) return;
			this.#registration = registration;
			this.ready = true;
		};
		registration.addEventListener('updatefound', () =>
			registration.installing?.addEventListener('statechange', look)
		);
		look();
	}

	/** Opens the page anew in the new version. */
	take(): void {
		navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
		this.#registration?.waiting?.postMessage('take over');
	}
}

export const update = new Update();
