import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { http, HttpResponse } from "msw";
import { setupServer } from "msw/node";
import { afterAll, afterEach, beforeAll, beforeEach, expect, test } from "vitest";
import { JobProvider, useJob } from "./JobContext";

/** A job as little as this context needs of it, kept as the server keeps it. */
let kept = { version: 1, title: "Pump" };
const told: unknown[] = [];
const answer = () => ({ id: "pump", version: kept.version, file: { job: { title: kept.title } } });

const server = setupServer(
  http.get("*/api/jobs/pump", () => HttpResponse.json(answer())),
  http.post("*/api/jobs/pump/changes", async ({ request }) => {
    const body = (await request.json()) as { version: number; changes: Record<string, string> };
    told.push(body);
    if (body.version !== kept.version) {
      return HttpResponse.json({ problems: [{ at: "", message: "Another window was faster." }] }, { status: 409 });
    }
    const title = body.changes["/job/title"] ?? "";
    if (title === "") {
      return HttpResponse.json({ problems: [{ at: "/job/title", message: "Must not be empty." }] }, { status: 422 });
    }
    kept = { version: kept.version + 1, title };
    return HttpResponse.json(answer());
  }),
  http.post("*/api/jobs/pump/undo", () => {
    kept = { version: kept.version + 1, title: "Pump" };
    return HttpResponse.json(answer());
  }),
);

beforeAll(() => {
  server.listen({ onUnhandledRequest: "error" });
});
beforeEach(() => {
  kept = { version: 1, title: "Pump" };
  told.length = 0;
});
afterEach(() => {
  cleanup();
  server.resetHandlers();
  localStorage.clear();
});
afterAll(() => {
  server.close();
});

function Title() {
  const { job, saving, change, undo, outOfStep, settleOutOfStep, failure } = useJob();
  const call = (title: string) => void change({ label: "Title", changes: { "/job/title": title } });
  return (
    <>
      <h1>{job.file.job.title}</h1>
      <output>{saving}</output>
      {failure !== undefined && <p role="alert">{failure}</p>}
      <button
        onClick={() => {
          call("Crane");
        }}
      >
        crane
      </button>
      <button
        onClick={() => {
          call("Crane");
          call("Harbour crane");
        }}
      >
        both
      </button>
      <button
        onClick={() => {
          call("");
        }}
      >
        nothing
      </button>
      <button onClick={() => void undo()}>undo</button>
      {outOfStep !== undefined && (
        <>
          <button
            onClick={() => {
              settleOutOfStep(true);
            }}
          >
            apply
          </button>
          <button
            onClick={() => {
              settleOutOfStep(false);
            }}
          >
            leave
          </button>
        </>
      )}
    </>
  );
}

async function open() {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <JobProvider id="pump" loading={<p>loading</p>} failed={(refused) => <p>lost: {refused.message}</p>}>
        <Title />
      </JobProvider>
    </QueryClientProvider>,
  );
  await screen.findByRole("heading", { name: "Pump" });
  return userEvent.setup();
}

const press = async (user: ReturnType<typeof userEvent.setup>, name: string) => {
  await user.click(screen.getByRole("button", { name }));
};

test("changes are made one after another, each on the version the one before it led to", async () => {
  const user = await open();
  await press(user, "both");
  await screen.findByRole("heading", { name: "Harbour crane" });
  expect(told).toMatchObject([{ version: 1 }, { version: 2 }]);
  expect(screen.getByRole("status").textContent).toBe("saved");
});

test("what is refused leaves the job as it was, and is not a failure of saving", async () => {
  const user = await open();
  await press(user, "nothing");
  await waitFor(() => {
    expect(screen.getByRole("status").textContent).toBe("unsaved");
  });
  expect(screen.queryByRole("alert")).toBeNull();
  await press(user, "crane");
  await screen.findByRole("heading", { name: "Crane" });
  expect(screen.getByRole("status").textContent).toBe("saved");
});

test("a change on a version that has moved on shows what stands now, and can be applied to it or left", async () => {
  const user = await open();
  kept = { version: 7, title: "Winch" };
  await press(user, "crane");
  await screen.findByRole("heading", { name: "Winch" });
  await user.click(await screen.findByRole("button", { name: "apply" }));
  await screen.findByRole("heading", { name: "Crane" });
  expect(told).toMatchObject([{ version: 1 }, { version: 7 }]);

  kept = { version: 20, title: "Winch" };
  await press(user, "crane");
  await user.click(await screen.findByRole("button", { name: "leave" }));
  expect(screen.getByRole("heading").textContent).toBe("Winch");
  expect(screen.queryByRole("button", { name: "apply" })).toBeNull();
});

test("what was on its way when another window was faster is asked about too, not put over theirs", async () => {
  const user = await open();
  kept = { version: 7, title: "Winch" };
  await press(user, "both");
  await screen.findByRole("heading", { name: "Winch" });
  await user.click(await screen.findByRole("button", { name: "leave" }));
  expect(screen.getByRole("heading").textContent).toBe("Winch");
  await user.click(await screen.findByRole("button", { name: "apply" }));
  await screen.findByRole("heading", { name: "Harbour crane" });
  expect(told).toMatchObject([{ version: 1 }, { version: 7 }]);
});

test("a server that fails is told, and the next save takes the words away", async () => {
  const user = await open();
  server.use(http.post("*/api/jobs/pump/changes", () => HttpResponse.text("no JSON at all", { status: 500 })));
  await press(user, "crane");
  expect((await screen.findByRole("alert")).textContent).toBe("Something went wrong.");
  server.resetHandlers();
  await press(user, "crane");
  await screen.findByRole("heading", { name: "Crane" });
  expect(screen.queryByRole("alert")).toBeNull();
});

const LINE = "lamp-thread/unsent/pump";
const waits = () => JSON.parse(localStorage.getItem(LINE) ?? "[]") as { id: string; change: { label: string } }[];

test("through a lost connection a change is kept in the browser, is sent again as the same, and the page asks before it is left", async () => {
  const user = await open();
  server.use(http.post("*/api/jobs/pump/changes", () => HttpResponse.error()));
  await press(user, "crane");
  await waitFor(() => {
    expect(screen.getByRole("status").textContent).toBe("waiting");
  });
  expect(waits().map(({ change }) => change.label)).toEqual(["Title"]);
  const leaving = new Event("beforeunload", { cancelable: true });
  window.dispatchEvent(leaving);
  expect(leaving.defaultPrevented).toBe(true);

  const [{ id } = { id: "" }] = waits();
  server.resetHandlers();
  window.dispatchEvent(new Event("online"));
  await screen.findByRole("heading", { name: "Crane" });
  expect(told).toMatchObject([{ id, version: 1 }]);
  expect(waits()).toEqual([]);
  const later = new Event("beforeunload", { cancelable: true });
  window.dispatchEvent(later);
  expect(later.defaultPrevented).toBe(false);
});

const left = (version: number) => {
  localStorage.setItem(
    LINE,
    JSON.stringify([
      {
        id: "left-0001",
        window: "gone",
        base: version,
        change: { label: "Title", changes: { "/job/title": "Winch" } },
      },
      {
        id: "left-0002",
        window: "gone",
        base: version,
        change: { label: "Title", changes: { "/job/title": "Long winch" } },
      },
    ]),
  );
};

test("what a page that was closed had not sent is sent by the next that opens the job", async () => {
  left(1);
  await open();
  await screen.findByRole("heading", { name: "Long winch" });
  expect(told).toMatchObject([
    { id: "left-0001", version: 1 },
    { id: "left-0002", version: 2 },
  ]);
  expect(waits()).toEqual([]);
});

test("what a closed page had not sent is asked about where the job has moved on, one after the other", async () => {
  kept = { version: 5, title: "Pump" };
  left(1);
  const user = await open();
  await user.click(await screen.findByRole("button", { name: "leave" }));
  await user.click(await screen.findByRole("button", { name: "apply" }));
  await screen.findByRole("heading", { name: "Long winch" });
  expect(kept.version).toBe(6);
  await waitFor(() => {
    expect(waits()).toEqual([]);
  });
});

test("undo goes through the same line as changes", async () => {
  const user = await open();
  await press(user, "crane");
  await press(user, "undo");
  await waitFor(() => {
    expect(screen.getByRole("heading").textContent).toBe("Pump");
  });
  expect(kept.version).toBe(3);
});

test("the vehicle as found, asked for before a change as it leaves was saved, is shown and changed as it is after it", async () => {
  let asked = 0;
  let arrives: () => void = () => undefined;
  const late = new Promise<void>((resolve) => {
    arrives = resolve;
  });
  server.use(
    http.get("*/api/jobs/pump.found", async () => {
      const before = answer();
      asked++;
      if (asked === 1) {
        await late;
      }
      return HttpResponse.json(before);
    }),
    http.post("*/api/jobs/pump.found/changes", async ({ request }) => {
      const { version } = (await request.json()) as { version: number };
      told.push({ found: version });
      kept = { version: kept.version + 1, title: "Pump as found" };
      return HttpResponse.json(answer());
    }),
  );
  const client = new QueryClient();
  const both = (isFoundOpen: boolean) => (
    <QueryClientProvider client={client}>
      <JobProvider id="pump" loading={<p>loading</p>} failed={(refused) => <p>lost: {refused.message}</p>}>
        <Title />
      </JobProvider>
      {isFoundOpen && (
        <section aria-label="As found">
          <JobProvider id="pump.found" loading={<p>loading</p>} failed={(refused) => <p>lost: {refused.message}</p>}>
            <Title />
          </JobProvider>
        </section>
      )}
    </QueryClientProvider>
  );
  const { rerender } = render(both(false));
  await screen.findByRole("heading", { name: "Pump" });
  rerender(both(true));
  await waitFor(() => {
    expect(asked).toBe(1);
  });
  const user = userEvent.setup();
  await press(user, "crane");
  await waitFor(() => {
    expect(kept.version).toBe(2);
  });
  arrives();
  const found = within(screen.getByRole("region", { name: "As found" }));
  await found.findByRole("heading", { name: "Crane" });
  await user.click(found.getByRole("button", { name: "crane" }));
  await found.findByRole("heading", { name: "Pump as found" });
  expect(told).toMatchObject([{ version: 1 }, { found: 2 }]);
});

test("a job that is not there is said in the words of the answer", async () => {
  server.use(
    http.get("*/api/jobs/pump", () =>
      HttpResponse.json({ problems: [{ at: "", message: "There is no such job." }] }, { status: 404 }),
    ),
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <JobProvider id="pump" loading={<p>loading</p>} failed={(refused) => <p>lost: {refused.message}</p>}>
        <Title />
      </JobProvider>
    </QueryClientProvider>,
  );
  await screen.findByText("lost: There is no such job.");
});
