package veldline.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.antenna.Family;
import veldline.antenna.Yagi;
import veldline.explain.Finding;
import veldline.link.Needs;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.stock.Piece;
import veldline.stock.Tool;

/** What can be made and carried with what there is. */
class PracticalTest {
    private static final double ROD = 6e-3;
    private static final Family.Shaped YAGI =
            new Yagi().shape(new Family.Wish(150.1e6, 1.0, ROD, Metal.ALUMINIUM, true));

    private static Quantity q(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    private static List<Practical.Objection> against(Needs needs) {
        return Practical.against(YAGI, needs, Metal.ALUMINIUM, ROD);
    }

    @Test
    void whoAsksForNothingHearsNothing() {
        assertThat(against(Needs.none())).isEmpty();
    }

    @Test
    void theWeightIsThatOfTheMetalAndTheBoom() {
        double metal = YAGI.model().orElseThrow().wires().stream()
                .mapToDouble(w -> w.length() * Math.PI * ROD * ROD / 4 * 2700)
                .sum();
        assertThat(Practical.kilograms(YAGI, Metal.ALUMINIUM)).isCloseTo(metal + 0.12 * YAGI.length(), within(1e-9));
        assertThat(Practical.kilograms(YAGI, Metal.COPPER)).isGreaterThan(3 * metal);
        assertThat(against(Needs.none().withWeight(q("100", Unit.GRAM))))
                .singleElement()
                .satisfies(o -> assertThat(o.level()).isEqualTo(Finding.Level.STOP));
        assertThat(against(Needs.none().withWeight(q("2", Unit.KG)))).isEmpty();
    }

    @Test
    void anElementDoesNotComeApart() {
        assertThat(against(Needs.none().withPacked(q("0.5", Unit.M))))
                .singleElement()
                .satisfies(o -> assertThat(o.why()).contains("in one piece"));
        assertThat(against(Needs.none().withPacked(q("1.2", Unit.M)))).isEmpty();
    }

    @Test
    void missingToolsAreNamed() {
        Needs bare = Needs.none().withTools(EnumSet.of(Tool.RULE, Tool.SAW, Tool.SOLDERING_IRON));
        assertThat(against(bare))
                .singleElement()
                .satisfies(o -> assertThat(o.why()).isEqualTo("no drill to hand"));
    }

    @Test
    void theStockMustBeOfTheRodLongEnoughAndEnough() {
        Piece other = new Piece(Metal.BRASS, q("6", Unit.MM), q("2", Unit.M));
        Piece shorter = new Piece(Metal.ALUMINIUM, q("6", Unit.MM), q("0.8", Unit.M));
        Piece good = new Piece(Metal.ALUMINIUM, q("6", Unit.MM), q("2", Unit.M));
        assertThat(why(List.of(other))).contains("not in stock");
        assertThat(why(List.of(good))).contains("in stock").contains("2.00 m");
        assertThat(why(List.of(shorter, shorter, shorter, shorter, shorter))).contains("long enough");
        assertThat(against(Needs.none().withStock(List.of(good, good)))).isEmpty();
    }

    private static String why(List<Piece> stock) {
        return against(Needs.none().withStock(stock)).get(0).why();
    }

    @Test
    void theWorstObjectionComesFirst() {
        List<Practical.Objection> all = against(Needs.none()
                .withTools(EnumSet.noneOf(Tool.class))
                .withUnseen(true)
                .withPacked(q("0.2", Unit.M)));
        assertThat(all).hasSizeGreaterThanOrEqualTo(2);
        assertThat(all.get(0).level()).isEqualTo(Finding.Level.STOP);
    }
}
