export const SENT_TO = ["owner", "supplier"] as const;
