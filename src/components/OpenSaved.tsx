interface Props {
  /** "Saved chains": what the list is, for who does not see it. */
  readonly name: string;
  readonly newOne: string;
  readonly saved: readonly { readonly id: string; readonly title: string }[];
  readonly current: string | undefined;
  readonly wide?: string;
  readonly onNew: () => void;
  readonly onOpen: (id: string) => void;
}

/** What was saved before, to be opened in the place of what is on the screen. */
export function OpenSaved({ name, newOne, saved, current, wide = "w-36", onNew, onOpen }: Props) {
  return (
    <select
      aria-label={name}
      className={`button truncate font-normal ${wide}`}
      value=""
      onChange={(event) => (event.target.value === "new" ? onNew() : onOpen(event.target.value))}
    >
      <option value="" disabled>
        Open…
      </option>
      <option value="new">{newOne}</option>
      {saved
        .filter(({ id }) => id !== current)
        .map(({ id, title }) => (
          <option key={id} value={id}>
            {title}
          </option>
        ))}
    </select>
  );
}
