import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link, useNavigate } from "react-router";
import { api, type Refused } from "../api/client";
import type { Problem } from "../api/generated/problem";
import { keys } from "../api/keys";
import type { Shelf as ShelfAnswer, ShelfPart } from "../api/generated/shelf";
import { Button } from "../kit/Button";
import { FileButton } from "../kit/FileButton";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { ProblemItems } from "../api/ProblemItems";
import { useTheme } from "../kit/theme";
import { Loading } from "../shell/states";
import { JOBS } from "../shell/views";
import { PartDialog, type Draft } from "./PartDialog";
import { PartRows } from "./PartRows";
import { Tables } from "./Tables";

/** Rated parts, the workshop's own among them, and the tables the sizes are taken from. */
export function Shelf() {
  useTheme();
  const queries = useQueryClient();
  const navigate = useNavigate();
  useHotkeys(JOBS.letter, () => void navigate(JOBS.path));
  const shelf = useQuery<ShelfAnswer, Refused>({ queryKey: keys.shelf, queryFn: api.shelf, retry: false });
  const [shown, setShown] = useState("fuse");
  const [draft, setDraft] = useState<Draft>();
  const take = (answer: ShelfAnswer) => {
    queries.setQueryData(keys.shelf, answer);
    void queries.invalidateQueries({ queryKey: keys.openJobs });
  };
  const imported = useMutation<ShelfAnswer, Refused, File>({ mutationFn: api.importParts, onSuccess: take });
  const archive = useMutation<ShelfAnswer, Refused, ShelfPart>({
    mutationFn: (part) =>
      api.changePart(part.id, {
        name: part.name,
        typed: typedOf(part),
        isArchived: !part.isArchived,
        version: part.version ?? 1,
      }),
    onSuccess: take,
  });
  const remove = useMutation<ShelfAnswer, Refused, { id: string; version: number | null }>({
    mutationFn: (part) => api.removePart(part.id, part.version ?? 1),
    onSuccess: take,
  });
  const kind = shelf.data?.kinds.find((one) => one.id === shown);
  const problems = [
    ...(imported.error?.problems ?? []),
    ...(archive.error?.problems ?? []),
    ...(remove.error?.problems ?? []),
  ];

  return (
    <main className="mx-auto max-w-[90rem] p-4 sm:p-8">
      <header className="mb-4 flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h1 className="text-2xl font-extrabold tracking-tight">Shelf</h1>
          <p className="text-sm text-muted">Rated parts, and the tables the sizes are taken from</p>
        </div>
        <Link to="/jobs" className="link-button">
          Jobs
        </Link>
        <a href="/api/shelf/own-parts.csv" download className="link-button">
          Export own parts
        </a>
        <FileButton
          label="Import parts"
          name="Parts file"
          accept=".csv,text/csv"
          onFile={(chosen) => {
            imported.mutate(chosen);
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
      {imported.isPending && <Loading what="the parts" />}
      {shelf.isPending && <Loading what="the shelf" />}
      {shelf.error && (
        <p role="alert" className="panel border-danger text-danger">
          {shelf.error.message}
        </p>
      )}
      {shelf.data !== undefined && shelf.data.unreadable.length > 0 && (
        <section role="alert" className="panel mb-4 border-warning">
          <h2 className="heading mb-2">Own parts that can no longer be read</h2>
          <ul className="grid gap-1">
            {shelf.data.unreadable.map((part) => (
              <li key={part.id} className="flex flex-wrap items-center gap-3">
                <b>{part.name}</b> <span className="text-sm text-muted">{part.id}</span>
                <Button
                  tone="quiet"
                  aria-label={`Remove ${part.name}`}
                  onClick={() => {
                    remove.mutate(part);
                  }}
                >
                  Remove
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {shelf.data !== undefined && (
        <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
          <SegmentedControl
            hideLabel
            label="On the shelf"
            value={shown}
            options={[
              ...shelf.data.kinds.map((one) => ({ value: one.id, label: one.several })),
              { value: "tables", label: "Tables of the standards" },
            ]}
            onChange={setShown}
          />
          {kind === undefined ? (
            <Tables tables={shelf.data.tables} />
          ) : (
            <Panel title={kind.several}>
              <PartRows
                kind={kind}
                parts={shelf.data.parts.filter((part) => part.kind === kind.id)}
                onEdit={(part) => {
                  setDraft({
                    kind,
                    id: part.id,
                    name: part.name,
                    typed: typedOf(part),
                    isArchived: part.isArchived,
                    version: part.version ?? 1,
                  });
                }}
                onCopy={(part) => {
                  setDraft({ kind, name: `${part.name}, own`, typed: typedOf(part) });
                }}
                onArchive={(part) => {
                  archive.mutate(part);
                }}
                onRemove={(part) => {
                  remove.mutate(part);
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

/** Line by line what is wrong with what was imported. */
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
