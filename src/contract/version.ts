/** Of this program. */
export const version = '0.33.0';
