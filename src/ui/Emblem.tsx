/** Our own mark: the tie-on tag with a trace on it. */
export function Emblem() {
  return (
    <svg width="26" height="26" viewBox="0 0 32 32" aria-hidden="true">
      <path d="M11 4h16a3 3 0 0 1 3 3v18a3 3 0 0 1-3 3H11L2 19v-6z" className="fill-primary" />
      <circle cx="10" cy="16" r="2.6" className="fill-base-100" />
      <path
        d="M16 16h3l1.5-5 2.5 10 1.5-5H28"
        fill="none"
        className="stroke-base-100"
        strokeWidth="2"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
