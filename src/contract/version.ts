/** Of this program. */
export const version = '0.32.0';
