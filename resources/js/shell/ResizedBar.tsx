import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";

/** A job that this program, or the shelf as it is now, sizes otherwise than when it was saved says so before the sizes are taken. */
export function ResizedBar() {
  const { job, takeSizes } = useJob();
  if (job.resized.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="Sizes that changed"
      className="no-print flex flex-wrap items-start gap-3 border-b border-warning bg-panel px-4 py-2"
    >
      <div className="mr-auto">
        <p className="font-semibold">
          This program, or your shelf as it is now, sizes this job otherwise than when it was last saved. If its loom is
          built already, compare before you trust the sheet.
        </p>
        <ul className="mt-1 flex flex-wrap gap-x-6 text-[0.95rem]">
          {job.resized.map((row) => (
            <li key={row.name}>
              {row.name}: {row.before ?? "none"} <span aria-label="becomes">→</span> <b>{row.now ?? "none"}</b>
            </li>
          ))}
        </ul>
      </div>
      <Button onClick={() => void takeSizes()}>Take the new sizes</Button>
    </section>
  );
}
