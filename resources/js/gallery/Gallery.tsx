import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import { keys } from "../api/keys";
import type { GalleryArrangement } from "../api/generated/arrangements";
import { ThreadPicture } from "../drawing/ThreadPicture";
import { useText } from "../kit/messages";
import { SegmentedControl } from "../kit/SegmentedControl";
import { Loading } from "../shell/states";

const ANY = "any";

const SWITCHED_BY = [
  { value: ANY, label: "Any" },
  { value: "nothing", label: "Nothing yet" },
  { value: "switch", label: "A thermal switch" },
  { value: "computer", label: "The engine computer" },
  { value: "amplifier", label: "An amplifier" },
];

interface Props {
  onPick: (arrangement: GalleryArrangement) => void;
}

/** Usual arrangements drawn as threads, narrowed by three questions. */
export function Gallery({ onPick }: Props) {
  const gallery = useQuery({ queryKey: keys.gallery, queryFn: () => api.gallery(), staleTime: Infinity });
  const [by, setBy] = useState(ANY);
  const [fans, setFans] = useState(ANY);
  const [air, setAir] = useState(ANY);
  const text = useText();
  const fitting = (gallery.data ?? []).filter(
    (one) =>
      (by === ANY || one.switchedBy === by) &&
      (fans === ANY || String(one.fans) === fans) &&
      (air === ANY || one.airConditioning === (air === "yes")),
  );
  return (
    <div className="grid gap-4">
      <div className="panel grid gap-3 lg:grid-cols-[2.6fr_1fr_1fr]">
        <SegmentedControl label="What switches the fan now" value={by} options={SWITCHED_BY} onChange={setBy} />
        <SegmentedControl
          label="Fans"
          value={fans}
          options={[
            { value: ANY, label: "Any" },
            { value: "1", label: "One" },
            { value: "2", label: "Two" },
          ]}
          onChange={setFans}
        />
        <SegmentedControl
          label="Air conditioning asks"
          value={air}
          options={[
            { value: ANY, label: "Any" },
            { value: "yes", label: "Yes" },
            { value: "no", label: "No" },
          ]}
          onChange={setAir}
        />
      </div>
      {gallery.isPending && <Loading what="the arrangements" />}
      {gallery.error && (
        <p role="alert" className="panel border-danger text-danger">
          {gallery.error.message}
        </p>
      )}
      {gallery.isSuccess && fitting.length === 0 && (
        <p className="panel text-center">None is like that. Take the nearest and change its answers in the brief.</p>
      )}
      <ul className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
        {fitting.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              onClick={() => {
                onPick(one);
              }}
              className="panel grid h-full w-full content-start gap-2 text-left hover:border-accent"
            >
              <span className="heading">{text(one, "title")}</span>
              <span className="text-sm text-muted">{text(one, "fits")}</span>
              <span aria-hidden className="block">
                <ThreadPicture drawing={one.drawing} label={one.title} hasText={false} most={4} />
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
