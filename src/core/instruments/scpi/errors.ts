/**
 * Errors that an instrument reports, by their numbers of SCPI-1999 (volume 2, 21.8). An entry of the error queue is a
 * number and a text; 0 says that there is none.
 */
export const ERRORS = {
  0: "No error",
  [-100]: "Command error",
  [-101]: "Invalid character",
  [-102]: "Syntax error",
  [-103]: "Invalid separator",
  [-104]: "Data type error",
  [-108]: "Parameter not allowed",
  [-109]: "Missing parameter",
  [-113]: "Undefined header",
  [-120]: "Numeric data error",
  [-131]: "Invalid suffix",
  [-151]: "Invalid string data",
  [-161]: "Invalid block data",
  [-200]: "Execution error",
  [-221]: "Settings conflict",
  [-222]: "Data out of range",
  [-223]: "Too much data",
  [-224]: "Illegal parameter value",
  [-230]: "Data corrupt or stale",
  [-310]: "System error",
  [-350]: "Queue overflow",
  [-410]: "Query INTERRUPTED",
  [-420]: "Query UNTERMINATED",
} as const;
export type ErrorNumber = keyof typeof ERRORS;

/** What went wrong with a message: a number of the table, and more about it. */
export type ScpiError = { number: ErrorNumber; about?: string };

/** As the queue gives it out. @example errorText({ number: -113, about: "VOLTS" }) // -113,"Undefined header;VOLTS" */
export const errorText = ({ number, about }: ScpiError): string =>
  `${number},"${ERRORS[number]}${about ? `;${about.replaceAll('"', "'")}` : ""}"`;

/** The bit of the event status register (IEEE 488.2, 11.5.1) that an error sets. */
export function eventBit(number: ErrorNumber): number {
  if (number <= -400) return 4;
  if (number <= -300) return 8;
  if (number <= -200) return 16;
  return number < 0 ? 32 : 0;
}
