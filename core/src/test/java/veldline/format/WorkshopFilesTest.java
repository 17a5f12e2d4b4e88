package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.assess.Assessor;
import veldline.build.Marks;
import veldline.build.Outline;
import veldline.build.Printed;
import veldline.build.Solid;
import veldline.demo.BoughtPanels;
import veldline.demo.TernholmSands;
import veldline.field.wire.Vec;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.sheet.Paper;
import veldline.stock.Metal;

/** What goes to a cutter, a plotter or a printer of plastic, read back. */
class WorkshopFilesTest {
    private static final YagiShape YAGI = Yagi.forCount(433e6, 5, Quantity.of("4", Unit.MM), Metal.ALUMINIUM, false);

    private static Design design(String key) {
        return Families.wires(key).design(new Family.Wish(868e6, 0.8, 2e-3, Metal.COPPER, false));
    }

    @Test
    void outlinesComeBackFromDxfAsLong() throws FormatException {
        List<Outline> outlines = Outline.of(design("biquad"));
        List<DxfFile.Entity> back = DxfFile.read(DxfFile.write(outlines, Marks.of(YAGI)));
        List<Double> wanted = outlines.stream()
                .flatMap(o -> o.edges().stream())
                .map(e -> 1000 * Math.hypot(e[1].x() - e[0].x(), e[1].y() - e[0].y()))
                .toList();
        List<Double> found = back.stream()
                .filter(e -> e.kind().equals("LINE") && !e.layer().equals("BOOM"))
                .map(DxfFile.Entity::at)
                .map(a -> Math.hypot(a.get(2) - a.get(0), a.get(3) - a.get(1)))
                .toList();
        assertThat(found).hasSameSizeAs(wanted);
        for (int i = 0; i < wanted.size(); i++) {
            assertThat(found.get(i)).isCloseTo(wanted.get(i), within(2e-3));
        }
        assertThat(back.stream().filter(e -> e.kind().equals("CIRCLE")))
                .hasSize(5)
                .allMatch(e -> Math.abs(e.at().get(2) - 2) < 1e-3);
        assertThatThrownBy(() -> DxfFile.read("0\nLINE\n8")).hasMessageContaining("cut short");
        assertThatThrownBy(() -> DxfFile.read("10\nwide\n")).hasMessageContaining("“wide”");
    }

    /** A surface without holes: every edge is walked once each way, and what it holds is more than nothing. */
    @Test
    void partsToPrintAreClosedAndFitTheStock() throws IOException, FormatException {
        List<Solid> parts = new ArrayList<>();
        parts.addAll(Printed.of(YAGI, 4.1e-3, 20e-3));
        parts.addAll(Printed.of(design("quad"), 6e-3, 15e-3));
        parts.addAll(Printed.of(design("helix"), 2e-3, 15e-3));
        assertThat(parts).hasSize(3);
        for (Solid s : parts) {
            Map<String, Integer> edges = new HashMap<>();
            for (Solid.Facet f : s.facets()) {
                for (Vec[] e : new Vec[][] {{f.a(), f.b()}, {f.b(), f.c()}, {f.c(), f.a()}}) {
                    edges.merge(key(e[0]) + ">" + key(e[1]), 1, Integer::sum);
                }
            }
            edges.forEach((edge, times) -> {
                String[] ends = edge.split(">");
                assertThat(edges).containsEntry(ends[1] + ">" + ends[0], times);
            });
            assertThat(s.volume()).isGreaterThan(1e-7);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            StlFile.write(s, out);
            Solid back = StlFile.read(out.toByteArray());
            assertThat(back.name()).isEqualTo(s.name());
            assertThat(back.volume()).isCloseTo(s.volume(), within(1e-5 * s.volume()));
        }
        Solid tube = Solid.tube("t", 10e-3, 16e-3, 20e-3);
        assertThat(tube.volume()).isCloseTo(Math.PI / 4 * (256 - 100) * 20e-9, within(0.005 * tube.volume()));
        // The bore over the boom, as measured and with its play.
        double bore = Printed.of(YAGI, 4.1e-3, 20e-3).get(0).facets().stream()
                .flatMap(f -> List.of(f.a(), f.b(), f.c()).stream())
                .mapToDouble(v -> Math.hypot(v.y(), v.z()))
                .min()
                .orElseThrow();
        assertThat(2 * bore).isCloseTo(20e-3 + Printed.PLAY, within(1e-9));
    }

    /** Every place of the turns lies in the groove, half the wire deep, for either hand. */
    @ParameterizedTest
    @ValueSource(strings = {"0", "1"})
    void theWireOfAHelixLiesInTheGrooveOfItsFormer(String hand) {
        Design d = design("helix").withSize(3, Quantity.of(hand, Unit.ONE));
        Solid former = Printed.of(d, 2e-3, 15e-3).get(0);
        double radius = d.size(1) / (2 * Math.PI);
        double groove = (2e-3 + Printed.PLAY) / 2;
        List<Vec> deepest = former.facets().stream()
                .map(Solid.Facet::a)
                .filter(v -> Math.abs(Math.hypot(v.y(), v.z()) - (radius - groove)) < 1e-6)
                .toList();
        Vec first = d.model().wires().get(1).points().get(0);
        double begins = Math.atan2(first.z(), first.y());
        List<Vec> turns = d.model().wires().get(1).points().stream()
                .map(v -> v.minus(new Vec(first.x(), 0, 0)))
                .filter(v -> v.x() > 3e-3 && v.x() < 0.15)
                .toList();
        assertThat(turns).hasSizeGreaterThan(16);
        for (Vec v : turns) {
            double angle = Math.atan2(v.z(), v.y()) - begins;
            Vec bottom = new Vec(v.x(), (radius - groove) * Math.cos(angle), (radius - groove) * Math.sin(angle));
            assertThat(deepest)
                    .as("turn at %s", v)
                    .anyMatch(p -> p.minus(bottom).length() < 2 * Math.PI * radius / 96 + 1e-4);
        }
        double length =
                former.facets().stream().mapToDouble(f -> f.a().x()).max().orElseThrow();
        double bore = former.facets().stream()
                .mapToDouble(f -> Math.hypot(f.a().y(), f.a().z()))
                .min()
                .orElseThrow();
        double round = Math.PI * (radius * radius - bore * bore) * length;
        double wound = length / d.size(2) * Math.hypot(d.size(1), d.size(2));
        assertThat(former.volume()).isCloseTo(round - Math.PI / 2 * groove * groove * wound, within(0.01 * round));
    }

    private static String key(Vec v) {
        return Math.round(v.x() * 1e8) + "," + Math.round(v.y() * 1e8) + "," + Math.round(v.z() * 1e8);
    }

    @RepeatedTest(20)
    void brokenStlIsRefusedWithAReason(RepetitionInfo run) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        StlFile.write(Solid.tube("t", 1e-2, 2e-2, 1e-2), out);
        Random random = new Random(run.getCurrentRepetition());
        byte[] cut = Arrays.copyOf(out.toByteArray(), random.nextInt(out.size() - 1));
        assertThatThrownBy(() -> StlFile.read(cut))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(" ");
    }

    @Test
    void oneZipHasAllOfIt() throws IOException {
        Job job = new JobChange.Fit(true, design("quad")).applyTo(TernholmSands.nestCamera());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        WorkshopZip.write(new Assessor().assess(job, Assessor.Depth.ALL, () -> true), Paper.A4, out);
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(out.toByteArray()))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                names.add(e.getName());
                assertThat(in.readAllBytes()).isNotEmpty();
            }
        }
        assertThat(names).contains("square-loop.pdf", "square-loop.dxf", "square-loop-page-1.svg", "hub.stl");
        Job bought = BoughtPanels.shelter();
        assertThatThrownBy(() -> WorkshopZip.write(new Assessor().assess(bought), Paper.A4, out))
                .hasMessageContaining("choose one to build");
    }

    @Test
    void svgIsTrueToSizeAndWellFormed() throws Exception {
        Picture p = Picture.pen(96, 192)
                .line(0, 0, 96, 0, Role.INK, 1)
                .outline(10, 10, 20, 20, Role.INK, 1)
                .words("5 < 6 & more", 10, 50, Mark.Anchor.START, Mark.Face.BOLD, Role.INK)
                .done();
        Document d = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(SvgFile.write("t", p).getBytes(StandardCharsets.UTF_8)));
        assertThat(d.getDocumentElement().getAttribute("width")).isEqualTo("25.400mm");
        assertThat(d.getElementsByTagName("text").item(0).getTextContent()).isEqualTo("5 < 6 & more");
        Element line = (Element) d.getElementsByTagName("polyline").item(0);
        assertThat(line.getAttribute("points")).isEqualTo("0.000,0.000 96.000,0.000");
        assertThat(d.getElementsByTagName("polygon").getLength()).isEqualTo(1);
    }
}
