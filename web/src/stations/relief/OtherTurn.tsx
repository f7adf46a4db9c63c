import { useState } from "react";
import { MoveForm } from "../../job/MoveForm";
import { Field, Select, TextInput } from "../../ui/controls";
import type { OtherProps } from "../room";

/** A turn of another amount, the other way, or one that met no resistance. */
export function OtherTurn({ job, actions, onDone, working }: OtherProps) {
  const [amount, setAmount] = useState("1/8");
  const [way, setWay] = useState<"tighten" | "loosen">(
    (job.advice.turn?.sixteenths ?? 1) < 0 ? "loosen" : "tighten",
  );
  const [free, setFree] = useState(false);
  return (
    <MoveForm
      action="Record the turn"
      working={working}
      onDone={onDone}
      onSubmit={() => {
        const bare = amount.trim().replace(/^[+-]/, "");
        void actions.turn(way === "tighten" ? bare : `-${bare}`, free).then((done) => {
          if (done) onDone();
        });
      }}
    >
      <Field label="Turned, net" hint="in sixteenths: 1/8, 3/16, 1 1/4">
        <TextInput
          autoFocus
          required
          value={amount}
          onFocus={(e) => e.target.select()}
          onChange={(e) => setAmount(e.target.value)}
        />
      </Field>
      <Field label="Direction">
        <Select
          value={way}
          onChange={(e) => setWay(e.target.value === "loosen" ? "loosen" : "tighten")}
        >
          <option value="tighten">tighter (straightens)</option>
          <option value="loosen">looser (more relief)</option>
        </Select>
      </Field>
      <label className="col-span-2 flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={free}
          onChange={(e) => setFree(e.target.checked)}
        />
        It turned freely, without biting: it does not count
      </label>
    </MoveForm>
  );
}
