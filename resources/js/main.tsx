import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { createBrowserRouter, Navigate, RouterProvider } from "react-router";
import "../css/app.css";
import { Bench } from "./bench/Bench";
import { Brief } from "./brief/Brief";
import { Jobs } from "./jobs/Jobs";
import { UnitsProvider } from "./kit/units";
import { Loom } from "./loom/Loom";
import { Proof } from "./proof/Proof";
import { Road } from "./road/Road";
import { Shelf } from "./shelf/Shelf";
import { Shell } from "./shell/Shell";
import { Lost } from "./shell/states";
import { Threads } from "./threads/Threads";

const router = createBrowserRouter([
  { path: "/", element: <Navigate to="/jobs" replace /> },
  { path: "/jobs", element: <Jobs /> },
  { path: "/shelf", element: <Shelf /> },
  {
    path: "/jobs/:id",
    element: <Shell />,
    children: [
      { index: true, element: <Navigate to="brief" replace /> },
      { path: "brief", element: <Brief /> },
      { path: "threads", element: <Threads /> },
      { path: "bench", element: <Bench /> },
      { path: "proof", element: <Proof /> },
      { path: "road", element: <Road /> },
      { path: "loom", element: <Loom /> },
    ],
  },
  { path: "*", element: <Lost says="There is no such page." /> },
]);

const page = document.getElementById("page");
if (page !== null) {
  createRoot(page).render(
    <StrictMode>
      <QueryClientProvider client={new QueryClient()}>
        <UnitsProvider>
          <RouterProvider router={router} />
        </UnitsProvider>
      </QueryClientProvider>
    </StrictMode>,
  );
}
