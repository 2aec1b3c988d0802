import { useEffect, useState, type ReactNode } from "react";
import { flushSync } from "react-dom";
import type { ProvenState } from "../api/generated/proof";
import type { Finding } from "../api/generated/saved-job";
import { FindingCard } from "./FindingCard";

interface Props {
  findings: Finding[];
  stateOf: (finding: Finding) => ProvenState | undefined;
  className: string;
}

/** What has to be mended stands open; notes, and what was accepted, are one line each until they are opened. */
export function FindingList({ findings, stateOf, className }: Props) {
  const cards = (some: Finding[]) => (
    <div className={`${className} items-start`}>
      {some.map((finding) => (
        <FindingCard key={finding.key} finding={finding} state={stateOf(finding)} />
      ))}
    </div>
  );
  const standing = findings.filter((finding) => finding.accepted === null);
  const open = standing.filter((finding) => finding.severity !== "note");
  const notes = standing.filter((finding) => finding.severity === "note");
  const accepted = findings.filter((finding) => finding.accepted !== null);
  return (
    <div className="grid gap-2">
      {open.length > 0 ? cards(open) : <p className="text-muted">Nothing found that has to be mended.</p>}
      {notes.length > 0 && (
        <Folded words={notes.length === 1 ? "One note" : `${String(notes.length)} notes`}>{cards(notes)}</Folded>
      )}
      {accepted.length > 0 && <Folded words={`Accepted: ${String(accepted.length)}`}>{cards(accepted)}</Folded>}
    </div>
  );
}

/** Opens for print, so that a sheet has all there is. */
function Folded({ words, children }: { words: string; children: ReactNode }) {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const open = () => {
      flushSync(() => {
        setOpen(true);
      });
    };
    window.addEventListener("beforeprint", open);
    return () => {
      window.removeEventListener("beforeprint", open);
    };
  }, []);
  return (
    <details
      open={isOpen}
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-muted">{words}</summary>
      {children}
    </details>
  );
}
