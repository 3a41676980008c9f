type Checks = {
  safeParse: (value: unknown) => { success: boolean; error?: { issues: { path: PropertyKey[]; message: string }[] } };
};

/** The sentences of a schema, by field; of a field within a group, as `group.field`. The first of each field counts. */
export function schemaProblems(schema: Checks, fields: unknown): Record<string, string> {
  const issues = schema.safeParse(fields).error?.issues ?? [];
  return Object.fromEntries(issues.toReversed().map(({ path, message }) => [path.join("."), message]));
}
