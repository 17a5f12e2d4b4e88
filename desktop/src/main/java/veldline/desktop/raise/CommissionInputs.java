package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.assess.Commissioning;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.prove.Observed;
import veldline.prove.ProveChange;
import veldline.prove.Symptom;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.RaiseChange;

/** The thing that is looked at, ticked when it was seen; what the near radio says of its power is typed. */
final class CommissionInputs {
    private CommissionInputs() {}

    static int chosen(Showing s, Commissioning list) {
        int first = 0;
        while (first < list.items().size() - 1 && list.items().get(first).done()) {
            first++;
        }
        return s.pickedIndex(Step.RAISE, first, list.items().size());
    }

    static List<Input> of(Showing s) {
        Commissioning list = Commissioning.of(s.assessment());
        List<Input> in = new ArrayList<>();
        if (list.items().isEmpty()) {
            return in;
        }
        Commissioning.Item item = list.items().get(chosen(s, list));
        in.add(new Input.Tick("seen", item.where(), item.what(), false, item.done(), tick(item)));
        if (item.tick().endsWith("near-radio-set")) {
            in.add(readBack(s));
        }
        in.add(
                new Input.Note(
                        "commission-how",
                        list.left() + " of " + list.items().size()
                                + " left. Left and right walk them from one radio to the other; Enter ticks one. Printed with the raising sheet."));
        in.add(
                new Input.Note(
                        "commission-care",
                        "Low power first, people clear, right region set, listen before sending. Mast and shield bonded before it is put to use, by local code and licensed practice."));
        return in;
    }

    static JobChange tick(Commissioning.Item item) {
        return new JobChange.OfRaise(new RaiseChange.Tick(item.tick(), !item.done()));
    }

    /** Power that was set less power read back is a symptom that Prove weighs. */
    private static Input.Value readBack(Showing s) {
        double set = s.job().brief().near().radio().power().value();
        double less = s.job().prove().observed().stream()
                .filter(o -> o.symptom() == Symptom.READ_BACK)
                .map(Observed::value)
                .mapToDouble(Quantity::value)
                .findFirst()
                .orElse(0);
        return new Input.Value(
                "read-back",
                "Power read back",
                Quantity.shown(set - less, Unit.DBM, 1),
                "",
                Limits.within(
                        -60,
                        90,
                        "−60",
                        "90 dBm",
                        q -> new JobChange.OfProve(new ProveChange.Observe(
                                Symptom.READ_BACK, Optional.of(Quantity.shown(set - q.value(), Unit.DB, 1))))));
    }
}
