/** Of this program. */
export const version = '0.22.0';
