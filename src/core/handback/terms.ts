import { share } from "../quantity";

/**
 * What a shop works by: labour, tax, warranty, soak. Every figure is a shop rule and can be changed on the page Shop; these
 * are the ones that a new shop begins with.
 */
export const USUAL_TERMS = {
  /** an hour of labour before tax, minor units of the shop's currency */
  hourMinor: 4500,
  /** what is put on the price that the shop paid for a part, as a share of it */
  partsMarkup: 0,
  /** tax as a share of the net sum */
  tax: 0.21,
  taxName: "VAT",
  warrantyMonths: 6,
  /** a service is due again after so many months; 0: never said */
  serviceMonths: 36,
  /** a set that is back within so many months is a comeback */
  comebackMonths: 12,
  soakHours: 4,
  /** readings before this are still warming up, minutes */
  warmMinutes: 15,
  /** the most that a reading may drift once it is warm, as a share */
  driftVolts: 0.03,
  driftAmps: 0.05,
  driftOther: 0.1,
};
export type Terms = typeof USUAL_TERMS;

/** What a part is sold for that the shop paid so much for, minor units before tax. */
export const soldFor = (minor: number, { partsMarkup }: Pick<Terms, "partsMarkup">): number =>
  minor + share(minor, partsMarkup);
