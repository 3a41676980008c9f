/** What a line of plain words can be: the answers where it is neither a part's, nor a point's, nor a test's. */
export const asWords = (line: string): { label: string; text: string }[] => [
  { label: "A symptom", text: `? ${line.trim()}` },
  { label: "Still to be done", text: `todo ${line.trim()}` },
  { label: "A note", text: `note ${line.trim()}` },
];
