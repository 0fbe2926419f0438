/** Standard atmosphere, Pa (ISO 2533). */
export const standardPressurePa = 101325;
/** Standard acceleration of free fall, m/s² (CODATA). */
export const gravity = 9.80665;
