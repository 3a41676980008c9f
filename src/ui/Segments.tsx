type SegmentsProps<T extends string> = {
  /** what is chosen, for those who hear it */
  label: string;
  options: readonly (readonly [value: T, name: string])[];
  value: T;
  onChange: (value: T) => void;
};

/** One of a few, all in sight, beside each other. */
export function Segments<T extends string>({ label, options, value, onChange }: SegmentsProps<T>) {
  return (
    <div className="join" role="group" aria-label={label}>
      {options.map(([one, name]) => (
        <button
          key={one}
          type="button"
          aria-pressed={value === one}
          className={`btn join-item h-12 ${value === one ? "btn-primary" : "btn-outline"}`}
          onClick={() => onChange(one)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}
