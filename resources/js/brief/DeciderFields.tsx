import type { FormField, FormStage } from "../api/generated/saved-job";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { TextField } from "../job/TextField";
import { kindOf } from "../kit/units";

/** What decides a stage, and only what that decider needs to be told: the server says what to ask. */
export function DeciderFields({ stage }: { stage: FormStage }) {
  const at = `${stage.path}/decider`;
  const typed = stage.fields.filter((field) => field.type !== "flag");
  return (
    <>
      <Choose label="Decided by" value={stage.decider.value} options={stage.decider.options} />
      {stage.place !== null && <Choose label="It senses at" value={stage.place.value} options={stage.place.options} />}
      {(stage.band !== null || typed.length > 0) && (
        <div className="grid gap-3 sm:grid-cols-3">
          {stage.band !== null && (
            <>
              <QuantityField path={`${at}/onC`} label="On at" kind="temperature" value={stage.band.onC} />
              <QuantityField path={`${at}/offC`} label="Off at" kind="temperature" value={stage.band.offC} />
            </>
          )}
          {typed.map((field) => (
            <TypedField key={field.path} field={field} />
          ))}
        </div>
      )}
      {stage.fields
        .filter((field) => field.type === "flag")
        .map((field) => (
          <Choose key={field.path} label={field.label} value={String(field.value)} options={field.options} />
        ))}
      {stage.side !== null && (
        <Choose label="Switched side of the coil" value={stage.side.value} options={stage.side.options} />
      )}
    </>
  );
}

function TypedField({ field }: { field: FormField }) {
  return field.type === "text" ? (
    <TextField path={field.path} label={field.label} value={String(field.value ?? "")} />
  ) : (
    <QuantityField
      path={field.path}
      label={field.label}
      kind={kindOf(field.unit)}
      value={typeof field.value === "number" ? field.value : null}
      {...(field.usual === null ? {} : { placeholder: field.usual })}
    />
  );
}
