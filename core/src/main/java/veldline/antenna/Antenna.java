package veldline.antenna;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Optional;
import veldline.explain.Worked;

/** The antenna at one end of a link: shaped here, bought, or not chosen yet. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = YagiShape.class, name = "yagi"),
    @JsonSubTypes.Type(value = Bought.class, name = "bought"),
    @JsonSubTypes.Type(value = NotChosen.class, name = "not chosen")
})
public sealed interface Antenna permits YagiShape, Bought, NotChosen {
    /** What it is called, for a heading: “Eleven-element Yagi”. */
    String title();

    /** How its field stands or turns; empty while it is not chosen. */
    Optional<Polarized> polarized();

    /** What is claimed of its gain; empty for one that is solved or not chosen. */
    Optional<Worked> claimedGain();

    /** Its greatest measure, metres; zero where nobody knows. */
    double longest();
}
