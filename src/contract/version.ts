/** Of this program. */
export const version = '0.23.0';
