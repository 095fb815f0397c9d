/** Of this program. */
export const version = '0.31.0';
