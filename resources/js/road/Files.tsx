import { useQueryClient } from "@tanstack/react-query";
import { api, type Refused, refusedBy } from "../api/client";
import type { MadeDrive } from "../api/generated/made-drive";
import type { UnreadableDrive } from "../api/generated/road";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { FileButton } from "../kit/FileButton";
import { NEW_DRIVE } from "./DriveEditor";

interface Props {
  drive: string;
  /** Whether the workshop has imported it. */
  isOwn: boolean;
  /** Imported drives that can no longer be read. */
  unreadable: UnreadableDrive[];
  onDrive: (id: string) => void;
  /** A drive to be made or changed on the screen, and the one it replaces. */
  onMake: (made: MadeDrive, inPlaceOf: string) => void;
  onWrong: (refused: Refused | undefined) => void;
}

/** The drive that is shown once another is gone. */
const USUAL = "3-queue";

/** Makes a drive, exports and imports one. */
export function Files({ drive, isOwn, unreadable, onDrive, onMake, onWrong }: Props) {
  const { job } = useJob();
  const queries = useQueryClient();
  const removed = async (id: string) => {
    await api.removeDrive(id);
    onDrive(USUAL);
    await queries.invalidateQueries({ queryKey: ["road"] });
  };
  const attempt = async (act: () => Promise<void>) => {
    onWrong(undefined);
    try {
      await act();
    } catch (error) {
      onWrong(refusedBy(error));
    }
  };
  return (
    <div className="no-print flex flex-wrap gap-3">
      <a href={`/api/drives/${drive}.csv`} download className="link-button">
        Export
      </a>
      <Button
        onClick={() => {
          onMake(NEW_DRIVE, "");
        }}
      >
        Make a drive
      </Button>
      {isOwn && (
        <>
          <Button
            onClick={() =>
              void attempt(async () => {
                const made = await api.legs(drive);
                onMake(made ?? NEW_DRIVE, made === null ? "" : drive);
              })
            }
          >
            Change this drive
          </Button>
          <Button onClick={() => void attempt(() => removed(drive))}>Remove this drive</Button>
        </>
      )}
      <FileButton
        label="Import a drive"
        name="Drive file"
        accept=".csv,text/csv"
        onFile={(file) =>
          void attempt(async () => {
            onDrive((await api.importDrive(job.id, file.name.replace(/\.csv$/i, ""), file)).id);
          })
        }
      />
      {unreadable.map((one) => (
        <p key={one.id} className="flex w-full flex-wrap items-center gap-3 text-sm">
          The drive ‘{one.name}’ can no longer be read.
          <Button tone="quiet" onClick={() => void attempt(() => removed(one.id))}>
            Remove
          </Button>
        </p>
      ))}
    </div>
  );
}
