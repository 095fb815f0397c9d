/** Of this program. */
export const version = '0.21.0';
