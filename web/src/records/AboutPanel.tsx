import { useMutation } from "@tanstack/react-query";
import { useForm } from "react-hook-form";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { useUnit } from "../app/unit";
import { Button, Field, TextInput, Trouble } from "../ui/controls";
import { Panel } from "../ui/Panel";
import { TextArea } from "./TextArea";

type View = Schemas["InstrumentPage"];

/** What is known of an instrument besides its facts. */
export function AboutPanel({
  view,
  open,
  onClose,
  onSaved,
}: {
  view: View;
  open: boolean;
  onClose: () => void;
  onSaved: (now: View) => void;
}) {
  const { unit } = useUnit();
  const { version, make, notes, doNotTouch } = view.about;
  const form = useForm({ defaultValues: { make, notes, doNotTouch } });
  const save = useMutation({
    mutationFn: (typed: { make: string; notes: string; doNotTouch: string }) =>
      answer(
        api.PUT("/api/instruments/{id}/about", {
          params: { path: { id: view.id }, query: { unit } },
          body: { version, ...typed },
        }),
      ),
    onSuccess: (now) => {
      onSaved(now);
      onClose();
    },
  });
  return (
    <Panel open={open} onClose={onClose} title={`What is known of ${view.facts.name}`}>
      <form
        onSubmit={(event) => void form.handleSubmit((typed) => save.mutate(typed))(event)}
        className="flex flex-col gap-4"
      >
        <Field label="Maker and model, number">
          <TextInput autoFocus maxLength={120} {...form.register("make")} defaultValue={make} />
        </Field>
        <Field label="Not to be touched, as its player wants it">
          <TextArea maxLength={2000} {...form.register("doNotTouch")} defaultValue={doNotTouch} />
        </Field>
        <Field label="Notes">
          <TextArea rows={4} maxLength={2000} {...form.register("notes")} defaultValue={notes} />
        </Field>
        {save.error !== null && <Trouble text={asProblem(save.error).message} />}
        <div>
          <Button strong type="submit" disabled={save.isPending} shortcut="Enter">
            Write it down
          </Button>
        </div>
      </form>
    </Panel>
  );
}
