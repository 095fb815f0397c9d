/** Of this program. */
export const version = '0.30.0';
