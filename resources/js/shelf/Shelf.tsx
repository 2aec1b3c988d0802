import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Refused, type Problem } from "../api/client";
import type { Shelf as ShelfAnswer, ShelfPart } from "../api/generated/shelf";
import { Button, Panel, Pick } from "../kit/controls";
import { ProblemItems } from "../kit/ProblemItems";
import { useTheme } from "../kit/theme";
import { Loading } from "../shell/states";
import { useShortcuts } from "../shell/useShortcuts";
import { PartDialog, type Draft } from "./PartDialog";
import { PartRows } from "./PartRows";
import { Tables } from "./Tables";

const nothing = () => undefined;

/** Rated parts, the workshop's own among them, and the tables the sizes are taken from. */
export function Shelf() {
  useTheme();
  const queries = useQueryClient();
  const navigate = useNavigate();
  useShortcuts([{ name: "Jobs", key: "j", run: () => void navigate("/jobs") }], nothing, nothing, nothing);
  const shelf = useQuery<ShelfAnswer, Refused>({ queryKey: ["shelf"], queryFn: api.shelf, retry: false });
  const [shown, setShown] = useState("fuse");
  const [draft, setDraft] = useState<Draft>();
  const file = useRef<HTMLInputElement>(null);
  const take = (answer: ShelfAnswer) => {
    queries.setQueryData(["shelf"], answer);
    void queries.invalidateQueries({ queryKey: ["job"] });
  };
  const brought = useMutation<ShelfAnswer, Refused, File>({ mutationFn: api.importParts, onSuccess: take });
  const archive = useMutation<ShelfAnswer, Refused, ShelfPart>({
    mutationFn: (part) => api.changePart(part.id, part.name, typedOf(part), !part.isArchived),
    onSuccess: take,
  });
  const kind = shelf.data?.kinds.find((one) => one.id === shown);
  const problems = [...(brought.error?.problems ?? []), ...(archive.error?.problems ?? [])];

  return (
    <main className="mx-auto max-w-[90rem] p-4 sm:p-8">
      <header className="mb-4 flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h1 className="text-2xl font-extrabold tracking-tight">Shelf</h1>
          <p className="text-sm text-muted">Rated parts, and the tables the sizes are taken from</p>
        </div>
        <Link
          to="/jobs"
          className="grid min-h-11 place-items-center rounded-[3px] border border-line bg-panel px-4 text-[0.95rem] font-semibold hover:border-accent"
        >
          Jobs
        </Link>
        <a
          href="/api/shelf/own-parts.csv"
          download
          className="grid min-h-11 place-items-center rounded-[3px] border border-line bg-panel px-4 text-[0.95rem] font-semibold hover:border-accent"
        >
          Take own parts along
        </a>
        <Button onClick={() => file.current?.click()}>Bring parts from a CSV file</Button>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv"
          className="hidden"
          aria-label="Parts file"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = "";
            if (chosen !== undefined) {
              brought.mutate(chosen);
            }
          }}
        />
        <Button
          tone="strong"
          disabled={kind === undefined}
          onClick={() => {
            if (kind !== undefined) {
              setDraft({ kind, name: "", typed: {} });
            }
          }}
        >
          Add {kind === undefined ? "a part" : `a ${kind.label.toLowerCase()}`}
        </Button>
      </header>

      {problems.length > 0 && <Report problems={problems} />}
      {brought.isPending && <Loading what="the parts" />}
      {shelf.isPending && <Loading what="the shelf" />}
      {shelf.error && (
        <p role="alert" className="panel border-danger text-danger">
          {shelf.error.message}
        </p>
      )}
      {shelf.data !== undefined && (
        <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
          <Pick
            hideLabel
            label="On the shelf"
            value={shown}
            options={[
              ...shelf.data.kinds.map((one) => ({ value: one.id, label: `${one.label}s` })),
              { value: "tables", label: "Tables of the standards" },
            ]}
            onPick={setShown}
          />
          {kind === undefined ? (
            <Tables tables={shelf.data.tables} />
          ) : (
            <Panel title={`${kind.label}s`}>
              <PartRows
                kind={kind}
                parts={shelf.data.parts.filter((part) => part.kind === kind.id)}
                onEdit={(part) => {
                  setDraft({ kind, id: part.id, name: part.name, typed: typedOf(part), isArchived: part.isArchived });
                }}
                onCopy={(part) => {
                  setDraft({ kind, name: `${part.name}, own`, typed: typedOf(part) });
                }}
                onArchive={(part) => {
                  archive.mutate(part);
                }}
              />
              <p className="mt-3 text-sm text-muted">Ratings of what ships: {kind.source}.</p>
            </Panel>
          )}
        </div>
      )}
      {draft !== undefined && (
        <PartDialog
          key={draft.id ?? `${draft.kind.id} ${draft.name}`}
          draft={draft}
          onClose={() => {
            setDraft(undefined);
          }}
          onKept={(answer) => {
            take(answer);
            setDraft(undefined);
          }}
        />
      )}
    </main>
  );
}

/** A part's ratings as texts, the way they are typed. */
function typedOf(part: ShelfPart): Record<string, string> {
  return Object.fromEntries(
    Object.entries(part.values).map(([field, value]) => [field, value === null ? "" : String(value)]),
  );
}

/** Line by line what is wrong with what was brought. */
function Report({ problems }: { problems: Problem[] }) {
  return (
    <section role="alert" className="panel mb-4 border-danger">
      <h2 className="heading mb-2 text-danger">Nothing was taken. {problems.length} to mend:</h2>
      <ul className="grid max-h-72 gap-1 overflow-y-auto">
        <ProblemItems problems={problems} />
      </ul>
    </section>
  );
}
