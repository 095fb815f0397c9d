/** Of this program. */
export const version = '0.15.0';
