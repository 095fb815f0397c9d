/** Of this program. */
export const version = '0.24.0';
