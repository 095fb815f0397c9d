/** Whether this browser gives the device's position at all: over plain http it does not. */
export const givesPosition = (): boolean => isSecureContext && 'geolocation' in navigator;

export const NO_POSITION = 'No position here. Browsers allow it only on this computer itself or over https.';
