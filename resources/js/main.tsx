import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { setNonce } from "get-nonce";
import { createRoot } from "react-dom/client";
import { createBrowserRouter, Navigate, RouterProvider } from "react-router";
import "../css/app.css";
import { Jobs } from "./jobs/Jobs";
import { SessionGate } from "./people/SessionGate";
import { UnitsProvider } from "./kit/units";
import { Failed, Lost } from "./shell/states";

// The list of jobs comes with the first page; every view comes when it is first opened.
const router = createBrowserRouter([
  { path: "/", element: <Navigate to="/jobs" replace /> },
  { path: "/jobs", element: <Jobs />, errorElement: <Failed /> },
  {
    path: "/new",
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import("./gallery/NewJob")).NewJob }),
  },
  {
    path: "/shelf",
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import("./shelf/Shelf")).Shelf }),
  },
  {
    path: "/practice",
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import("./practice/Practice")).Practice }),
  },
  {
    path: "/practice/:run",
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import("./practice/PracticeBench")).PracticeBench }),
  },
  {
    path: "/trail",
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import("./trail/UnknownVehicle")).UnknownVehicle }),
  },
  {
    path: "/health",
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import("./people/HealthPage")).HealthPage }),
  },
  {
    path: "/people",
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import("./people/PeoplePage")).PeoplePage }),
  },
  {
    path: "/jobs/:id",
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import("./shell/Shell")).Shell }),
    children: [
      { index: true, element: <Navigate to="brief" replace /> },
      { path: "brief", lazy: async () => ({ Component: (await import("./brief/Brief")).Brief }) },
      {
        path: "gallery",
        lazy: async () => ({ Component: (await import("./gallery/ChangeArrangement")).ChangeArrangement }),
      },
      { path: "threads", lazy: async () => ({ Component: (await import("./threads/Threads")).Threads }) },
      { path: "bench", lazy: async () => ({ Component: (await import("./bench/Bench")).Bench }) },
      { path: "proof", lazy: async () => ({ Component: (await import("./proof/Proof")).Proof }) },
      { path: "road", lazy: async () => ({ Component: (await import("./road/Road")).Road }) },
      { path: "loom", lazy: async () => ({ Component: (await import("./loom/Loom")).Loom }) },
      { path: "plans", lazy: async () => ({ Component: (await import("./plans/Plans")).Plans }) },
      { path: "trail", lazy: async () => ({ Component: (await import("./trail/Trail")).Trail }) },
      { path: "handover", lazy: async () => ({ Component: (await import("./handover/Handover")).Handover }) },
    ],
  },
  { path: "*", element: <Lost reason="There is no such page." /> },
]);

// A dialog holds the page behind it still with a style of its own, which the browser takes only with this page's word.
setNonce(document.querySelector<HTMLMetaElement>("meta[name=style-nonce]")?.content ?? "");

const page = document.getElementById("page");
if (page !== null) {
  createRoot(page).render(
    <StrictMode>
      <QueryClientProvider client={new QueryClient()}>
        <UnitsProvider>
          <SessionGate>
            <RouterProvider router={router} />
          </SessionGate>
        </UnitsProvider>
      </QueryClientProvider>
    </StrictMode>,
  );
}
