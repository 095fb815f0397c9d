/** Of this program. */
export const version = '0.19.0';
