import { useState } from "react";
import { Act } from "../job/Act";
import { useJob } from "../job/JobContext";
import { TextField } from "../job/TextField";
import { AddOption } from "./AddOption";

/** What is wrong with the vehicle now: the bench shows it as it is then. */
export function Wrong() {
  const { wrong, addWrong } = useJob().job.form;
  const [part, setPart] = useState("");
  const picked = addWrong.find((one) => one.id === part) ?? addWrong[0];
  return (
    <>
      {wrong.length === 0 && <p>Nothing is known to be wrong.</p>}
      {wrong.map((one) => (
        <section key={one.notePath} aria-label={one.part} className="grid gap-2 border-b border-line pb-3">
          <p>
            <b className="text-danger">✕ {one.part}:</b> {one.fault}
          </p>
          <TextField path={one.notePath} label="How it shows" value={one.note} />
          <Act className="justify-self-start text-muted" label={`${one.part} is sound`} pick={one.remove}>
            It is sound
          </Act>
        </section>
      ))}
      {picked !== undefined && (
        <div className="flex flex-wrap items-end gap-2">
          <label className="grid gap-1">
            <span className="text-sm text-muted">Part</span>
            <select
              className="min-h-11 max-w-full rounded-[3px] border border-line bg-ground px-2"
              value={picked.id}
              onChange={(event) => {
                setPart(event.target.value);
              }}
            >
              {addWrong.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
          <AddOption label="It is …" options={picked.faults} />
        </div>
      )}
    </>
  );
}
