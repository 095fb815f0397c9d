/** Of this program. */
export const version = '0.20.0';
