import { useEffect, useState } from "react";
import { toast } from "sonner";
import { ConfirmDialog } from "../../components/ui/ConfirmDialog.tsx";
import { EmptyState } from "../../components/ui/EmptyState.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { Working } from "../../components/ui/Working.tsx";
import {
  BACKUP_REASON,
  BACKUP_STAGE,
  insideText,
  sizeText,
  unreadableText,
} from "../../components/words/backup-words.ts";
import { saidMoment } from "../../components/words/dates.ts";
import type { BackupProgress } from "../../server/backup/backup-progress.ts";
import type { Backup } from "../../server/backup/backups.ts";
import type { UnreadableRows } from "../../server/db/unreadable.ts";
import { call } from "../shared/client.ts";

interface Props {
  readonly backups: readonly Backup[];
  readonly folder: string;
  readonly unreadable: readonly UnreadableRows[];
}

/** Milliseconds between two questions how far a backup is. */
const ASK_EVERY = 400;

/** How far work on a backup is, with a way to stop it; empty until the server has said so for the first time. */
function Progress({ onStop }: { readonly onStop: () => void }) {
  const [progress, setProgress] = useState<BackupProgress | null>(null);
  useEffect(() => {
    let hasEnded = false;
    const ask = async () => {
      const said = await call("GET /api/backup-work").catch(() => null);
      if (hasEnded) return;
      if (said) setProgress(said);
      timer = setTimeout(ask, ASK_EVERY);
    };
    let timer = setTimeout(ask, ASK_EVERY);
    return () => {
      hasEnded = true;
      clearTimeout(timer);
    };
  }, []);
  if (!progress) return null;
  return (
    <div className="mt-4">
      <Working says={BACKUP_STAGE[progress.stage]} share={progress.share} after={0} onStop={onStop} />
    </div>
  );
}

const when = ({ header }: Backup) => (header ? saidMoment(header.madeAt, "moment") : "");

/** Copies of everything: which there are, one made now, one put back. */
export default function Backups({ backups: first, folder, unreadable }: Props) {
  const [backups, setBackups] = useState(first);
  const [isBusy, setBusy] = useState(false);

  const during = async (work: () => Promise<void>) => {
    setBusy(true);
    try {
      await work();
    } catch (error) {
      toast.error((error as Error).message);
    }
    setBusy(false);
  };
  const make = () =>
    during(async () => {
      await call("POST /api/backups");
      setBackups(await call("GET /api/backups"));
      toast.success("A backup was made and looked through.");
    });
  const restore = (name: string) =>
    during(async () => {
      await call("POST /api/backups/:backupId/restoration", { params: { backupId: name } });
      location.assign("/");
    });

  return (
    <section className="rounded-xl border border-rule bg-sheet p-5">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <p className="max-w-prose text-quiet">
          One is made every day while Zip Step runs, and before every new version; the newest fourteen of each are kept
          in <code className="break-all">{folder}</code>. Copy one to another disk from time to time.
        </p>
        <button type="button" className="button button-main min-h-11" disabled={isBusy} onClick={make}>
          {isBusy ? "Working…" : "Make a backup now"}
        </button>
      </div>
      {isBusy && <Progress onStop={() => call("DELETE /api/backup-work")} />}
      {unreadable.length > 0 && (
        <p role="note" className="mt-4 max-w-prose border-l-4 border-rule pl-3">
          {unreadableText(unreadable)}
        </p>
      )}
      {backups.length === 0 ? (
        <EmptyState title="No backup yet">The first one is made by itself within the next minutes.</EmptyState>
      ) : (
        <ul className="mt-4">
          {backups.map((backup) => (
            <li
              key={backup.name}
              className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2 border-t border-hairline py-3"
            >
              <div className="min-w-0">
                <b>{when(backup) || backup.name}</b>
                <p className="text-quiet">
                  {insideText(backup)}
                  {backup.header && ` · ${BACKUP_REASON[backup.header.reason]} · ${sizeText(backup.bytes)}`}
                </p>
              </div>
              <div className="flex gap-2">
                <a className="button flex min-h-11 items-center" href={`/api/backups/${backup.name}`} download>
                  Keep a copy
                </a>
                {backup.header && (
                  <ConfirmDialog
                    title="Put this backup back?"
                    description={`Everything is as it was on ${when(backup)}: ${insideText(backup)}. What is there now is backed up first, so that it can be had again.`}
                    trigger={
                      <button type="button" className="button min-h-11" disabled={isBusy}>
                        Put back
                      </button>
                    }
                    confirm="Put it back"
                    cancel="Leave all as it is"
                    onConfirm={() => restore(backup.name)}
                  />
                )}
              </div>
            </li>
          ))}
        </ul>
      )}
      <Toasts />
    </section>
  );
}
