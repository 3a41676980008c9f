type SideBySideProps = {
  children: React.ReactNode;
  /** what explains it: its history, a chart, the detail of the row at hand */
  side: React.ReactNode;
  /** on a narrow screen the side is left out, or stands below */
  narrow?: "below" | "without";
};

/** On a wide screen a plate has a second column: lines do not stretch, and what explains them is in sight. */
export function SideBySide({ children, side, narrow = "without" }: SideBySideProps) {
  return (
    <div className="3xl:grid 3xl:grid-cols-[minmax(0,46rem)_minmax(20rem,1fr)] 3xl:items-start 3xl:gap-6">
      <div className="min-w-0">{children}</div>
      <div className={`min-w-0 3xl:sticky 3xl:top-0 3xl:mt-0 3xl:block ${narrow === "without" ? "hidden" : "mt-3"}`}>
        {side}
      </div>
    </div>
  );
}
