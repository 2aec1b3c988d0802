import { Link, useRouteError } from "react-router";

export function Loading({ what }: { what: string }) {
  return (
    <div role="status" className="grid min-h-60 place-items-center p-8 text-muted">
      <p>Reading {what} …</p>
    </div>
  );
}

export function Lost({ reason }: { reason: string }) {
  return (
    <main className="grid min-h-screen place-items-center p-8">
      <div className="panel max-w-md">
        <h1 className="heading mb-2">Nothing here</h1>
        <p className="mb-4">{reason}</p>
        <ToTheJobs />
      </div>
    </main>
  );
}

/** Where a page could not be shown: what it was, and a way on. */
export function Failed() {
  const error = useRouteError();
  return (
    <main role="alert" className="grid min-h-screen place-items-center p-8">
      <div className="panel max-w-md border-danger">
        <h1 className="heading mb-2 text-danger">This page cannot be shown</h1>
        <p className="mb-4">{error instanceof Error ? error.message : String(error)}</p>
        <p className="mb-4 text-muted">What was saved is safe. Loading the page again may be enough.</p>
        <ToTheJobs />
      </div>
    </main>
  );
}

/** The same inside a job, where only one view failed. */
export function ViewFailed({ error, resetErrorBoundary }: { error: unknown; resetErrorBoundary: () => void }) {
  return (
    <section role="alert" className="panel border-danger">
      <h2 className="heading mb-2 text-danger">This view cannot be shown</h2>
      <p className="mb-4">{error instanceof Error ? error.message : String(error)}</p>
      <button type="button" className="min-h-11 font-semibold text-accent underline" onClick={resetErrorBoundary}>
        Try again
      </button>
    </section>
  );
}

function ToTheJobs() {
  return (
    <Link to="/jobs" className="font-semibold text-accent underline underline-offset-4">
      To the jobs
    </Link>
  );
}
