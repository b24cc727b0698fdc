import Redo2 from "lucide-react/icons/redo-2";
import Undo2 from "lucide-react/icons/undo-2";
import { IconButton } from "./IconButton.tsx";

interface Props {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
}

/** One step back, and on again. */
export const UndoRedo = ({ canUndo, canRedo, onUndo, onRedo }: Props) => (
  <>
    <IconButton name="Undo" isDisabled={!canUndo} onPress={onUndo}>
      <Undo2 size={18} aria-hidden />
    </IconButton>
    <IconButton name="Redo" isDisabled={!canRedo} onPress={onRedo}>
      <Redo2 size={18} aria-hidden />
    </IconButton>
  </>
);
