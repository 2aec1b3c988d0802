import { Link } from "react-router";

export function Loading({ what }: { what: string }) {
  return (
    <div role="status" className="grid min-h-60 place-items-center p-8 text-muted">
      <p>Reading {what} …</p>
    </div>
  );
}

export function Lost({ says }: { says: string }) {
  return (
    <main className="grid min-h-screen place-items-center p-8">
      <div className="panel max-w-md">
        <h1 className="heading mb-2">Nothing here</h1>
        <p className="mb-4">{says}</p>
        <Link to="/jobs" className="font-semibold text-accent underline underline-offset-4">
          To the jobs
        </Link>
      </div>
    </main>
  );
}
