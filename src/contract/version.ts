/** Of this program. */
export const version = '0.18.0';
