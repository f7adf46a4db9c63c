import { useMutation } from "@tanstack/react-query";
import { useForm } from "react-hook-form";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { useUnit } from "../app/unit";
import { SettingForm } from "../job/SettingForm";
import { Field, TextInput } from "../ui/controls";
import { Panel } from "../ui/Panel";
import { TextArea } from "../ui/TextArea";

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
      <SettingForm
        action="Write it down"
        trouble={save.error === null ? null : asProblem(save.error).message}
        onSubmit={form.handleSubmit((typed) => save.mutate(typed))}
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
      </SettingForm>
    </Panel>
  );
}
