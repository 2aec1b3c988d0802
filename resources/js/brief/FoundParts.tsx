import { useJob } from "../job/JobContext";
import { FormFields } from "./FormFields";

/** What is known of each fuse, relay, connector and wire that was found. */
export function FoundParts() {
  const { foundParts } = useJob().job.form;
  return (
    <>
      <p className="text-[0.95rem] text-muted">
        What nobody has looked at is taken as usual, said once, and judged by no rule.
      </p>
      {foundParts.map((part) => (
        <section key={part.id} aria-label={part.name} className="grid gap-3 border-t border-line pt-3">
          <h3 className="font-bold">{part.name}</h3>
          <FormFields fields={part.fields} />
        </section>
      ))}
    </>
  );
}
