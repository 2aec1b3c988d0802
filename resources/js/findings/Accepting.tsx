import { useState } from "react";
import type { Finding } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";

const NAME = "lamp-thread.name";

const pathOf = (finding: Finding) => `/accepted/${finding.key.replaceAll("~", "~0").replaceAll("/", "~1")}`;

/** Lets a finding stand, with a reason, a name and the day; or takes that back. It is kept in the job and printed. */
export function Accepting({ finding }: { finding: Finding }) {
  const { change } = useJob();
  const [isOpen, setOpen] = useState(false);
  const [reason, setReason] = useState("");
  const [by, setBy] = useState(localStorage.getItem(NAME) ?? "");
  const { accepted } = finding;
  if (accepted !== null) {
    return (
      <div className="mt-2 border-t border-line pt-2 text-[0.95rem]">
        <p>
          <b>Accepted</b> by {accepted.by} on {accepted.on}: {accepted.reason}
        </p>
        <Button
          tone="quiet"
          className="no-print"
          onClick={() => void change({ label: "No longer accepted", changes: { [pathOf(finding)]: null } })}
        >
          No longer accept it
        </Button>
      </div>
    );
  }
  if (!isOpen) {
    return (
      <Button
        tone="quiet"
        className="no-print mt-1 -ml-4"
        onClick={() => {
          setOpen(true);
        }}
      >
        Accept with a reason
      </Button>
    );
  }
  return (
    <form
      className="no-print mt-2 grid gap-2 border-t border-line pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        localStorage.setItem(NAME, by.trim());
        const on = new Date().toLocaleDateString("sv");
        void change({
          label: "Accepted a finding",
          changes: { [pathOf(finding)]: { reason: reason.trim(), by: by.trim(), on } },
        });
      }}
    >
      <Field label="Why it may stand" value={reason} most={500} onChange={setReason} />
      <Field label="Your name" value={by} most={80} onChange={setBy} />
      <div className="flex flex-wrap gap-2">
        <Button tone="strong" type="submit" disabled={reason.trim() === "" || by.trim() === ""}>
          Accept
        </Button>
        <Button
          tone="quiet"
          onClick={() => {
            setOpen(false);
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}

interface FieldProps {
  label: string;
  value: string;
  most: number;
  onChange: (value: string) => void;
}

function Field({ label, value, most, onChange }: FieldProps) {
  return (
    <label className="block">
      <span className="field-label">{label}</span>
      <input
        className="field min-h-11 w-full px-3"
        value={value}
        maxLength={most}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
    </label>
  );
}
