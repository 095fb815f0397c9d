/** Of this program. */
export const version = '0.17.0';
