/** Of this program. */
export const version = '0.16.0';
