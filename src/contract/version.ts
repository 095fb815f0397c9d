/** Of this program. */
export const version = '0.25.0';
