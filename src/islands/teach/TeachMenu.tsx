import { memo } from "react";
import { LazyMenu } from "./LazyMenu.tsx";
import { MORE_BUTTON, MORE_LABEL, MoreSign, type TeachMenuProps } from "./MoreButton.tsx";

const load = () => import("./TeachDropdown.tsx").then((module) => module.default);

/** What is done on the spot and not with every word. */
export const TeachMenu = memo(function TeachMenu(props: TeachMenuProps) {
  return (
    <LazyMenu load={load} props={props} label={MORE_LABEL} className={MORE_BUTTON}>
      <MoreSign />
    </LazyMenu>
  );
});
