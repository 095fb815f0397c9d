/** Of this program. */
export const version = '0.29.0';
