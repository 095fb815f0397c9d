/** Of this program. */
export const version = '0.27.0';
