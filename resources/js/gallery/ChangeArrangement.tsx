import { useNavigate } from "react-router";
import { useJob } from "../job/JobContext";
import { Gallery } from "./Gallery";

/** Another arrangement for a job that is open: its vehicle stays, its circuit is that of the arrangement. One undo takes it back. */
export function ChangeArrangement() {
  const { arrange } = useJob();
  const navigate = useNavigate();
  return (
    <div className="grid gap-4">
      <p className="panel">
        The vehicle, its supply and the first fan’s figures stay. Who decides, triggers, feeds, lengths and pinned parts
        become those of the arrangement. Undo takes it back.
      </p>
      <Gallery
        onPick={(one) => {
          void arrange(one.id).then(({ refused }) => {
            if (refused === undefined) {
              void navigate("../brief", { relative: "path" });
            }
          });
        }}
      />
    </div>
  );
}
