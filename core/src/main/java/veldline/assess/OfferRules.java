package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.SizeCeiling;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.feed.Joint;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.Offer;
import veldline.link.PolarizationMatch;
import veldline.picture.Paragraph;
import veldline.quantity.NumberText;

/** Judgements on an advert, before anything is bought. The claim is judged by what is possible, not by who made it. */
final class OfferRules {
    private OfferRules() {}

    static List<Finding> offer(Assessment a) {
        return a.job().offer().map(o -> check(a, o)).orElse(List.of());
    }

    private static List<Finding> check(Assessment a, Offer o) {
        List<Finding> found = new ArrayList<>();
        found.add(claim(a, o));
        found.addAll(AdvertBeams.of(a, o));
        found.add(band(a, o));
        found.add(window(a, o));
        found.add(connector(a, o));
        polarization(a, o).ifPresent(found::add);
        money(a, o).ifPresent(found::add);
        weight(a, o).ifPresent(found::add);
        boolean sound = found.stream().noneMatch(f -> f.level() == Finding.Level.STOP);
        found.add(
                0,
                Finding.plain(
                                sound ? Finding.Level.FITS : Finding.Level.STOP,
                                "‘" + o.name() + "’:",
                                sound ? "nothing here speaks against it." : "do not buy it for this job.",
                                sound ? "Its claims are still only claims." : first(found),
                                "")
                        .withRemedies(
                                sound
                                        ? List.of(new Finding.Remedy(
                                                "Put it in the job",
                                                "As bought, with its claims in quotes.",
                                                new JobChange.Fit(a.job().madeNear(), o.bought())))
                                        : List.of()));
        return found;
    }

    private static String first(List<Finding> found) {
        return found.stream()
                .filter(f -> f.level() == Finding.Level.STOP)
                .findFirst()
                .map(f -> f.sentence())
                .orElse("");
    }

    private static Finding claim(Assessment a, Offer o) {
        Worked most = SizeCeiling.worked(
                o.length().value(), a.job().brief().frequency().value());
        String claimed = "‘" + NumberText.shown(o.gain().value(), 1) + "’ dBi";
        String rest = "claimed of " + o.length() + "; " + most.shown() + " is the most for that size.";
        Finding f = o.gain().value() > most.value() + SizeCeiling.ROOM
                ? Finding.stop(claimed, rest, "It cannot be so, whoever makes it.", "claim not possible", most)
                : o.gain().value() > most.value() - 1
                        ? Finding.watch(claimed, rest, "Hardly any antenna comes that near.", "claim is high", most)
                        : Finding.fits(claimed, rest, "Possible; claims run 1 to 3 dB high as often as not.", most);
        return f.withRuler(o.gain().value(), Optional.empty(), Optional.of(most.value()), 1);
    }

    private static Finding band(Assessment a, Offer o) {
        List<String> outside = a.job().stations().stream()
                .filter(s -> s.brief().frequency().value() < o.low().value()
                        || s.brief().frequency().value() > o.high().value())
                .map(s -> s.brief().frequency().toString())
                .toList();
        return outside.isEmpty()
                ? Finding.plain(
                        Finding.Level.FITS, o.low() + " to " + o.high() + ":", "what is used here lies within.", "", "")
                : Finding.plain(
                        Finding.Level.STOP,
                        o.low() + " to " + o.high() + ":",
                        String.join(", ", outside) + " lies outside.",
                        "Off its band an antenna keeps neither gain nor match.",
                        "out of its band");
    }

    private static Finding window(Assessment a, Offer o) {
        double gain = o.gain().value();
        double needed = a.needed().value();
        Optional<Double> allowed = a.allowed().map(Worked::value);
        String rest = "claimed; " + a.needed().number() + " needed"
                + allowed.map(m -> ", " + NumberText.shown(m, 1) + " allowed").orElse("") + ".";
        String lead = "‘" + NumberText.shown(gain, 1) + "’ dBi";
        return gain < needed
                ? Finding.stop(lead, rest, "Too little even if it is so.", "gain short", a.needed())
                : allowed.filter(m -> gain > m).isPresent()
                        ? Finding.stop(lead, rest, "It would radiate too much.", "over the limit", a.needed())
                        : gain < needed + 2
                                ? Finding.watch(
                                        lead,
                                        rest,
                                        "Enough if it is so; claims run high.",
                                        "little to spare",
                                        a.needed())
                                : Finding.fits(lead, rest, "Enough even if the claim is 2 dB high.", a.needed());
    }

    private static Finding connector(Assessment a, Offer o) {
        Job job = a.job();
        boolean near = job.madeNear();
        List<Joint> joints = job.run(near).joints();
        Joint joint = new Joint(joints.get(joints.size() - 1).radioSide(), o.connector());
        double frequency = job.brief().frequency().value();
        String faces = joint.radioSide().tradeName() + " to " + o.connector().tradeName() + ":";
        return joint.facts(frequency).stream()
                .filter(f -> f.level() == Finding.Level.STOP)
                .findFirst()
                .map(f -> Finding.plain(
                        Finding.Level.WATCH,
                        faces,
                        f.outcome() + ".",
                        "An adapter costs 0.1 to 0.3 dB; look at the metal, not the label.",
                        f.tag()))
                .orElse(Finding.plain(Finding.Level.FITS, faces, "they join.", "", ""));
    }

    private static Optional<Finding> polarization(Assessment a, Offer o) {
        return a.job().antenna(!a.job().madeNear()).polarized().map(other -> {
            Worked loss = PolarizationMatch.loss(o.polarization(), other);
            String lead = Paragraph.capital(o.polarization().words()) + " to " + other.words() + ":";
            return loss.value() < 0.5
                    ? Finding.fits(lead, "no loss.", "", loss)
                    : loss.value() < 10
                            ? Finding.watch(lead, loss.shown() + " lost.", "", "half lost", loss)
                            : Finding.stop(lead, loss.shown() + " lost.", "Crossed.", "crossed", loss);
        });
    }

    private static Optional<Finding> money(Assessment a, Offer o) {
        double budget = a.job().needs().budget().value();
        double price = o.price().value();
        return budget <= 0 || price <= 0
                ? Optional.empty()
                : Optional.of(Finding.plain(
                        price > budget ? Finding.Level.STOP : Finding.Level.FITS,
                        o.price() + " asked;",
                        a.job().needs().budget() + " there.",
                        price > budget ? "Over the budget of Brief." : "",
                        price > budget ? "too dear" : ""));
    }

    private static Optional<Finding> weight(Assessment a, Offer o) {
        double most = a.job().needs().weight().value();
        double kg = o.weight().value();
        return most <= 0 || kg <= 0
                ? Optional.empty()
                : Optional.of(Finding.plain(
                        kg > most ? Finding.Level.STOP : Finding.Level.FITS,
                        o.weight() + ";",
                        a.job().needs().weight() + " at most.",
                        "",
                        kg > most ? "too heavy" : ""));
    }
}
