/** What an empty place says: what will stand here, and how to make the first one. */
export function Empty({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <div className="mx-auto max-w-xl rounded-box border-2 border-dashed border-base-300 p-6 text-center">
      <p className="text-lg font-bold">{title}</p>
      <div className="dim mt-1">{children}</div>
    </div>
  );
}
