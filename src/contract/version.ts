/** Of this program. */
export const version = '0.26.0';
