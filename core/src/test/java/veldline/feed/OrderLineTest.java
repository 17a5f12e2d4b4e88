package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import veldline.feed.Connector.Contact;
import veldline.feed.Connector.Series;
import veldline.feed.Connector.Thread;

class OrderLineTest {
    private record Row(String text, List<String> ends, String cable, String length) {}

    private static List<Row> rows() throws Exception {
        String all = new String(
                OrderLineTest.class.getResourceAsStream("/feed/order-lines.txt").readAllBytes(),
                StandardCharsets.UTF_8);
        List<Row> rows = new ArrayList<>();
        for (String line : all.split("\n")) {
            if (!line.startsWith("#")) {
                String[] f = (line + " ").split("\\|", -1);
                rows.add(new Row(f[0].strip(), List.of(f[1].strip(), f[2].strip()), f[3].strip(), f[4].strip()));
            }
        }
        return rows;
    }

    /** At least fifty of sixty read right; the rest say what they leave open; none is read wrong. */
    @Test
    void sixtyLinesAreReadOrLeftOpen() throws Exception {
        int right = 0;
        List<String> wrong = new ArrayList<>();
        assertThat(rows()).hasSize(60);
        for (Row row : rows()) {
            OrderLine read = OrderLine.read(row.text);
            boolean open = row.ends.contains("?") || row.ends.contains("");
            boolean asTyped = true;
            for (int e = 0; e < 2; e++) {
                String wanted = row.ends.get(e);
                if (wanted.isEmpty() || read.ends().size() <= e) {
                    asTyped &= wanted.isEmpty() == (read.ends().size() <= e) || wanted.equals("?");
                } else if (wanted.equals("?")) {
                    asTyped &= read.ends().get(e).size() > 1;
                } else {
                    asTyped &= read.ends().get(e).equals(List.of(Drawer.connector(wanted)));
                }
            }
            asTyped &= read.cable().map(CableClass::name).orElse("").equals(row.cable);
            asTyped &= row.length.isEmpty()
                    ? read.length().isEmpty()
                    : read.length()
                            .filter(l -> Math.abs(l.value() - Double.parseDouble(row.length)) < 1e-9)
                            .isPresent();
            if (asTyped && read.clear() != open) {
                right += open ? 0 : 1;
                assertThat(read.open().isEmpty()).as(row.text).isEqualTo(!open);
            } else {
                wrong.add(row.text + ": " + read);
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(right).isGreaterThanOrEqualTo(50);
    }

    /** “RP-SMA male” fits a socket in one reading and not in the other: neither is claimed. */
    @Test
    void whatIsOpenIsNotClaimedToFit() {
        Connector socket = new Connector(Series.SMA, Thread.OUTSIDE, Contact.PIN, 50);
        Connector n = new Connector(Series.N, Thread.INSIDE, Contact.PIN, 50);
        assertThat(OrderLine.read("RP-SMA male to N female").fits(socket, n, 2.4e9))
                .isEmpty();
        assertThat(OrderLine.read("RP-SMA plug to N female").fits(socket, n, 2.4e9))
                .contains(true);
        assertThat(OrderLine.read("SMA plug to N female").fits(socket, n, 2.4e9))
                .contains(false);
        assertThat(OrderLine.read("N jack to RP-SMA plug").fits(socket, n, 2.4e9))
                .as("either way round")
                .contains(true);
        assertThat(OrderLine.read("RP-SMA plug").fits(socket, n, 2.4e9)).isEmpty();
    }

    @Test
    void whatTheDrawerCallsItsPartsIsReadBack() {
        int read = 0;
        for (FeedPart p : Drawer.parts()) {
            if (p.kind() == FeedPart.Kind.ADAPTER
                    && p.name().contains(" adapter")
                    && !p.name().contains("75 Ω")) {
                OrderLine line = OrderLine.read(p.name());
                assertThat(line.ends()).as(p.name()).containsExactly(List.of(p.radioSide()), List.of(p.antennaSide()));
                assertThat(line.angled()).isEqualTo(p.name().startsWith("Angled"));
                read++;
            }
        }
        assertThat(read).isGreaterThan(120);
    }

    @Property
    void nothingTypedEndsInAFault(@ForAll String text) {
        OrderLine line = OrderLine.read(text);
        assertThat(line.ends().size()).isLessThanOrEqualTo(2);
        assertThat(line.clear()).isEqualTo(line.open().isEmpty());
        assertThat(line.fits(Drawer.connector("N outside socket 50"), Drawer.connector("N outside socket 50"), 1e9))
                .isIn(Optional.empty(), Optional.of(true), Optional.of(false));
    }
}
