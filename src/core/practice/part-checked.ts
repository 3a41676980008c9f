/** What a check is made on, as the bench calls it. @example partChecked("Check C7 of Output stage") // "C7 of Output stage" */
export const partChecked = (name: string): string => name.replace(/^Check (the )?/, "");
