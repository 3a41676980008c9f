/**
 * Less than this from a supply to chassis is a short. Shop rule, Ω.
 * @example 180 Ω from B+ to chassis is a short, 47 kΩ is a bleeder
 */
export const SHORT_BELOW = 5_000;
