/** Letters to owners: templates in four languages, filled in from the record. */
export { fillLetter, placesIn, type Places } from "./fill";
export { LANGUAGE_WORDS, LANGUAGES, LETTER_WORDS, LETTERS, type Language, type LetterKind } from "./languages";
export { storageFee } from "./storage";
export { TEMPLATES, type Template } from "./templates";
