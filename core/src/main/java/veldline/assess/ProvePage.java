package veldline.assess;

import java.util.List;
import java.util.stream.Stream;
import veldline.explain.Finding;

/** What of a proof is looked at; what it says of itself comes first there. */
public enum ProvePage {
    COMPARE("compare", "before and after", List.of(ProveRules::improvement, ProveRules::prediction)),
    WALK("walk", "a range walk", List.of(CauseRules::walk)),
    TURN(
            "turn",
            "turned: beam, height, field",
            List.of(TestRules::pattern, TestRules::height, TestRules::polarization)),
    SIDES("sides", "beside a known antenna", List.of(TestRules::sides)),
    SURVEY("survey", "by channel or place", List.of(TestRules::survey)),
    RATE("rate", "what it carries", List.of(CauseRules::rate)),
    WHY("why", "why it falls short", List.of(CauseRules::causes));

    private final String id;
    private final String words;
    private final List<Findings.Rule> rules;

    ProvePage(String id, String words, List<Findings.Rule> rules) {
        this.id = id;
        this.words = words;
        this.rules = rules;
    }

    /** By which it is kept. */
    public String id() {
        return id;
    }

    public String words() {
        return words;
    }

    /** What the page itself is about, none while nothing was measured for it. */
    private List<Finding> own(Assessment a) {
        return rules.stream().flatMap(r -> r.apply(a).stream()).toList();
    }

    /** All findings of the proof, those of this page first. */
    public List<Finding> findings(Assessment a) {
        List<Finding> own = own(a);
        return Stream.concat(own.stream(), a.of(Step.PROVE).stream().filter(f -> !own.contains(f)))
                .toList();
    }

    /** Every rule of every page, in order. */
    static Stream<Findings.Rule> all() {
        return Stream.of(values()).flatMap(p -> p.rules.stream());
    }
}
