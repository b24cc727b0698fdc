/** One of several named things, chosen from a list under its name. */
export function Choice<Id extends string>(props: {
  name: string;
  value: Id;
  choices: readonly Id[];
  names: Readonly<Record<Id, string>>;
  onChange: (id: Id) => void;
}) {
  return (
    <label className="min-w-0">
      <span className="label mb-1">{props.name}</span>
      <select
        className="field truncate"
        value={props.value}
        onChange={(event) => props.onChange(event.target.value as Id)}
      >
        {props.choices.map((id) => (
          <option key={id} value={id}>
            {props.names[id]}
          </option>
        ))}
      </select>
    </label>
  );
}
