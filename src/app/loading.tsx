export default function Loading() {
  return (
    <div className="flex items-center gap-3 p-8" role="status">
      <span className="loading loading-ring loading-md" aria-hidden="true" /> Opening the books…
    </div>
  );
}
