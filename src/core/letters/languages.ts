/** Languages that letters are written in. */
export const LANGUAGES = ["en", "de", "fr", "nl"] as const;
export type Language = (typeof LANGUAGES)[number];
export const LANGUAGE_WORDS: Record<Language, string> = {
  en: "English",
  de: "German",
  fr: "French",
  nl: "Dutch",
};

/** What a letter is about. */
export const LETTERS = ["ready", "reminder", "estimate", "service"] as const;
export type LetterKind = (typeof LETTERS)[number];
export const LETTER_WORDS: Record<LetterKind, string> = {
  ready: "It is ready",
  reminder: "It is still here",
  estimate: "The estimate",
  service: "A service is due",
};
