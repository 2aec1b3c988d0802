import { useState } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { Navigate, Outlet, useLocation, useNavigate, useParams } from "react-router";
import { JobProvider, useJob } from "../job/JobContext";
import { addressAs } from "../job/vehicleState";
import { Button } from "../kit/Button";
import { useTheme } from "../kit/theme";
import { ResizedBar } from "./ResizedBar";
import { useSession } from "../people/SessionGate";
import { Palette, type Command } from "./Palette";
import { Settings } from "./Settings";
import { Loading, Lost, ViewFailed } from "./states";
import { StateSwitch } from "./StateSwitch";
import { ThreadNav } from "./ThreadNav";
import { useShortcuts } from "./useShortcuts";
import { hasView, isOfLeaving, JOBS, PRACTICE, SHELF, VIEWS } from "./views";

export function Shell() {
  const { id = "" } = useParams();
  return (
    <JobProvider
      key={id}
      id={id}
      loading={<Loading what="the job" />}
      failed={(refused) => <Lost reason={refused.message} />}
    >
      <Frame />
    </JobProvider>
  );
}

const SAVING = { saved: "Saved", saving: "Saving …", waiting: "Kept here, not saved yet", unsaved: "Not saved" };

function Frame() {
  const { job, saving, undo, redo, failure } = useJob();
  const [theme, setTheme] = useTheme();
  const session = useSession();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [isPaletteOpen, setPaletteOpen] = useState(false);
  const leaving = addressAs("leaves", job.id);
  const view = pathname.split("/")[3];
  const doUndo = () => void undo();
  const doRedo = () => void redo();
  const commands: Command[] = [
    ...[JOBS, SHELF, PRACTICE].map((view) => ({
      name: view.name,
      key: view.letter,
      run: () => void navigate(view.path),
    })),
    ...VIEWS.filter((view) => hasView(job.state, view.path)).map((view) => ({
      name: view.name,
      key: view.letter,
      run: () => void navigate(`/jobs/${job.id}/${view.path}`),
    })),
    { name: "Undo", key: "ctrl z", run: doUndo },
    { name: "Redo", key: "ctrl shift z", run: doRedo },
    {
      name: theme === "dark" ? "Light screen" : "Dark screen",
      run: () => {
        setTheme(theme === "dark" ? "light" : "dark");
      },
    },
    { name: "Print the loom", run: () => void navigate(`/jobs/${leaving}/loom`) },
    {
      name: "Export the job file",
      run: () => {
        location.assign(`/api/jobs/${job.id}/file`);
      },
    },
    {
      name: "Export the cut list",
      run: () => {
        location.assign(`/api/jobs/${leaving}/cut-list.csv`);
      },
    },
    {
      name: "Export the drawing",
      run: () => {
        location.assign(`/api/jobs/${job.id}/threads.svg`);
      },
    },
  ];
  useShortcuts(commands, doUndo, doRedo, () => {
    setPaletteOpen(true);
  });
  return (
    <div className="min-h-screen lg:grid lg:grid-cols-[8.5rem_minmax(0,1fr)] lg:grid-rows-[auto_1fr]">
      <header className="no-print sticky top-0 z-20 flex flex-wrap items-center gap-2 border-b border-line bg-panel px-4 py-2 lg:col-span-2">
        <h1 className="mr-auto min-w-0 truncate text-lg font-bold">{job.file.job.title}</h1>
        <span
          role="status"
          className={`text-sm ${saving === "unsaved" || saving === "waiting" ? "font-bold text-danger" : "text-muted"}`}
        >
          {SAVING[saving]}
        </span>
        <StateSwitch />
        <Button tone="quiet" disabled={job.undoes === null} title={job.undoes ?? undefined} onClick={() => void undo()}>
          Undo
        </Button>
        <Button tone="quiet" disabled={job.redoes === null} title={job.redoes ?? undefined} onClick={() => void redo()}>
          Redo
        </Button>
        <Button
          tone="quiet"
          title="Commands and keys (?)"
          aria-label="Commands and keys"
          onClick={() => {
            setPaletteOpen(true);
          }}
        >
          ?
        </Button>
        <Settings theme={theme} setTheme={setTheme} />
      </header>
      <Palette commands={commands} isOpen={isPaletteOpen} setOpen={setPaletteOpen} />
      <ThreadNav />
      <div className="min-w-0 pb-20 lg:pb-0">
        {!session.mayChange && (
          <p className="no-print border-b border-line bg-sunk px-4 py-2 text-sm">
            You are signed in as a reader: you can look at everything here and try it on the bench, and change nothing.
          </p>
        )}
        <OutOfStepBar />
        <ResizedBar />
        {failure !== undefined && (
          <p role="alert" className="border-b border-danger bg-panel px-4 py-3 font-semibold text-danger">
            {failure}
          </p>
        )}
        <main className="mx-auto max-w-[90rem] p-4">
          <ErrorBoundary FallbackComponent={ViewFailed} resetKeys={[pathname, job.version]}>
            {isOfLeaving(job.state, view) ? <Navigate to={`/jobs/${leaving}/${view}`} replace /> : <Outlet />}
          </ErrorBoundary>
        </main>
      </div>
    </div>
  );
}

function OutOfStepBar() {
  const { outOfStep, settleOutOfStep } = useJob();
  if (outOfStep === undefined) {
    return null;
  }
  return (
    <div role="alert" className="flex flex-wrap items-center gap-3 border-b border-warning bg-panel px-4 py-2">
      <p className="mr-auto">
        This job was changed in another window. What you see is how it stands now; your change ‘{outOfStep.label}’ is
        not in it.
      </p>
      <Button
        tone="strong"
        onClick={() => {
          settleOutOfStep(true);
        }}
      >
        Apply my change to it
      </Button>
      <Button
        onClick={() => {
          settleOutOfStep(false);
        }}
      >
        Leave it as it stands
      </Button>
    </div>
  );
}
