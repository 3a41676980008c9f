/** What came of reading a form: its value, or a sentence beside each field that is wrong. */
export type FormRead<T> = { ok: true; value: T } | { ok: false; problems: Record<string, string> };

/** What is wrong, by field. */
export const problemsOf = <T>(read: FormRead<T>): Record<string, string> => (read.ok ? {} : read.problems);
