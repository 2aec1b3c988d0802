import { useJob } from "../job/JobContext";
import { TextField } from "../job/TextField";
import { Fields } from "./Fields";
import { Usage } from "./Usage";

/** Whose job it is, and what the owner complains of. */
export function Vehicle() {
  const { job } = useJob().job.file;
  return (
    <>
      <Fields>
        <TextField path="/job/title" label="Job" value={job.title} />
        <TextField path="/job/customer" label="Customer" value={job.customer ?? ""} />
        <TextField path="/job/vehicle" label="Vehicle" value={job.vehicle ?? ""} />
      </Fields>
      <TextField
        path="/job/notes"
        label="What the owner complains of, what is there now"
        value={job.notes ?? ""}
        lines={3}
      />
      <Usage />
    </>
  );
}
