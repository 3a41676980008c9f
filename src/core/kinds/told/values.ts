/** Ways in which an owner is told. */
export const TELLING = ["phone", "message", "letter", "in person"] as const;
