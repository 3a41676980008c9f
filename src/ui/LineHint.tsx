/** The bench line that makes the same entry: the forms teach it by showing it. */
export function LineHint({ line }: { line: string }) {
  return (
    <p className="dim text-sm">
      On the bench line: <code className="font-mono text-base-content">{line}</code>
    </p>
  );
}
