/** One of five grades, each in its words. */
export function Grades({
  legend,
  words,
  value,
  onChange,
  name,
}: {
  legend: string;
  words: readonly string[];
  value: number | null;
  onChange: (v: number) => void;
  name: string;
}) {
  return (
    <fieldset>
      <legend className="font-medium">{legend}</legend>
      <div className="mt-1 flex flex-col gap-1">
        {words.map((word, grade) => (
          <label
            key={grade}
            className={`rounded-field flex min-h-12 cursor-pointer items-center gap-3 border px-3 ${value === grade ? "border-primary bg-base-200 font-semibold" : "border-base-300"}`}
          >
            <input
              type="radio"
              name={name}
              className="radio radio-sm"
              checked={value === grade}
              onChange={() => onChange(grade)}
            />
            <span>
              <b>{grade}</b> {word}
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
