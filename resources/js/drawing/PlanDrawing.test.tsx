import { cleanup, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { DrawnPlan, FitLayout } from "../api/generated/saved-job";
import { PlanDrawing } from "./PlanDrawing";
import { ShroudSketch } from "./ShroudSketch";

afterEach(cleanup);

const place = (id: string, label: string, zone: string) => ({ id, label, zone, options: [] });
const PLAN: DrawnPlan = {
  lengthM: 4,
  widthM: 2,
  zones: [
    { id: "front", label: "front", xM: 0.5, yM: 1 },
    { id: "boot", label: "boot", xM: 3.5, yM: 1 },
  ],
  places: [place("battery", "Battery", "boot"), place("relays", "Relays", "front"), place("fan", "Fans", "front")],
  routes: [
    {
      stretch: "fuse-to-relay",
      label: "main fuse to relay",
      corners: [
        [3.5, 1],
        [3.5, 0.15],
        [0.5, 0.15],
        [0.5, 1],
      ],
      lengthM: 5.4,
    },
  ],
};

test("each zone says what sits in it, and is pressed by mouse or key", async () => {
  const onZone = vi.fn();
  render(<PlanDrawing plan={PLAN} held="battery" onZone={onZone} />);
  const front = screen.getByRole("button", { name: "front: Relays, Fans" });
  await userEvent.click(front);
  front.focus();
  await userEvent.keyboard("{Enter}");
  expect(onZone.mock.calls).toEqual([["front"], ["front"]]);
  expect(screen.getByRole("button", { name: "boot: Battery" })).toBeDefined();
});

test("a plan that is only looked at has nothing to press, and each way tells its length", () => {
  const { container } = render(<PlanDrawing plan={PLAN} />);
  expect(screen.queryAllByRole("button")).toEqual([]);
  expect(container.querySelector("polyline title")?.textContent).toBe("main fuse to relay: 5.4 m");
});

test("numbers in one zone stand beside each other, never on one another", () => {
  const { container } = render(<PlanDrawing plan={PLAN} />);
  const shifts = [...container.querySelectorAll("g g")].map((mark) => mark.getAttribute("transform"));
  expect(new Set(shifts).size).toBe(3);
});

const LAYOUT: FitLayout = {
  mount: "puller",
  widthMm: 600,
  heightMm: 400,
  discPercent: 58.6,
  holes: [
    { fan: "left", xMm: 150, yMm: 200, holeMm: 310, bladesMm: 300, besideMm: -5, aboveMm: 45, gapMm: 2 },
    { fan: "right", xMm: 450, yMm: 200, holeMm: 290, bladesMm: 280, besideMm: 5, aboveMm: 55, gapMm: 20 },
  ],
};

test("the shroud tells each hole, and shows what overlaps and what does not go in", () => {
  const { container } = render(<ShroudSketch layout={LAYOUT} />);
  expect(screen.getByRole("img").getAttribute("aria-label")).toContain("left: hole 310 mm, -5 mm beside it");
  const rings = [...container.querySelectorAll("circle")].map((ring) => ring.getAttribute("class") ?? "");
  expect(rings.filter((ring) => ring.includes("stroke-danger"))).toHaveLength(1);
  expect(screen.getByText("2 mm behind").getAttribute("class")).toContain("danger");
  expect(screen.getByText("20 mm behind").getAttribute("class")).not.toContain("danger");
  expect(screen.getByText(/the blades alone cover 59 %/)).toBeDefined();
});
