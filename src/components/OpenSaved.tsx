import { Select } from "./ui/Select.tsx";

/** No saved thing has this id. */
const NEW = "new";

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
    <Select
      label={name}
      labelPlace="hidden"
      className={`button truncate font-normal ${wide}`}
      value=""
      choices={[NEW, ...saved.filter(({ id }) => id !== current).map(({ id }) => id)]}
      nameOf={(id) => (id === NEW ? newOne : (saved.find((one) => one.id === id)?.title ?? id))}
      placeholder="Open…"
      onChange={(id) => (id === NEW ? onNew() : onOpen(id))}
    />
  );
}
