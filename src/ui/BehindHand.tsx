/** After a restore the logs are looked through once more; until then a list may lack something. */
export function BehindHand({ sets, className = "" }: { sets: number; className?: string }) {
  if (sets === 0) return null;
  return (
    <p role="status" className={`border-l-4 border-warning pl-2 ${className}`}>
      {sets} sets are still being looked through after a restore: what is said here may lack them. Look again in a
      moment.
    </p>
  );
}
