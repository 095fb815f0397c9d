/** Of this program. */
export const version = '0.28.0';
