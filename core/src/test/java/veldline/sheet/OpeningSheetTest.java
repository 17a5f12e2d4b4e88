package veldline.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.FlatPattern;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.build.Outline;
import veldline.demo.TernholmSands;
import veldline.format.DxfFile;
import veldline.format.FormatException;
import veldline.format.WorkshopZip;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.picture.Mark.At;
import veldline.picture.Picture;
import veldline.stock.Metal;

/** What has an opening, on paper: every measure, every loss, cautions at their step, sheets as large as they are cut. */
class OpeningSheetTest {
    private static final Assessor ASSESSOR = new Assessor();

    private static Assessment assessed(String key, double frequency) {
        ApertureDesign d = Families.apertures(key).design(new Family.Wish(frequency, 1, 2e-3, Metal.COPPER, true));
        Job job = new JobChange.Fit(true, d).applyTo(TernholmSands.nestCamera());
        return ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true);
    }

    private static List<String> texts(List<Picture> pages) {
        return pages.stream().flatMap(Picture::texts).map(Mark.Text::text).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"dish", "trough", "horn", "round horn", "can", "patches", "tapered slot"})
    void everyMeasureAndEveryLossStandsOnIt(String key) {
        Assessment a = assessed(key, 2437e6);
        ApertureDesign d = (ApertureDesign) a.job().nearAntenna();
        Sheet sheet = Sheets.of(Step.SHAPE, a.job());
        for (Paper paper : Paper.values()) {
            List<String> said = texts(sheet.pages(a, paper));
            for (int i = 0; i < d.sizes().size(); i++) {
                String name = d.of().measures().get(i).name();
                assertThat(said.contains(name)).as(name).isEqualTo(d.of().uses(d, i));
            }
            a.opening(true)
                    .orElseThrow()
                    .value()
                    .orElseThrow()
                    .losses()
                    .forEach(l -> assertThat(said).contains(l.formula().name()));
            assertThat(said).anyMatch(t -> t.startsWith("Caution"));
            assertThat(sheet.cautions()).isNotEmpty();
            assertThat(said).contains("Parts and steps");
        }
    }

    /** Nothing leaves the paper, on either size. */
    @ParameterizedTest
    @EnumSource(Paper.class)
    void nothingLeavesThePaper(Paper paper) {
        for (String key : List.of("dish", "trough", "horn", "round horn", "can", "patches", "tapered slot")) {
            Assessment a = assessed(key, 2437e6);
            for (Picture page : Sheets.of(Step.SHAPE, a.job()).pages(a, paper)) {
                page.texts().forEach(t -> {
                    assertThat(t.y()).as(key + t.text()).isBetween(0.0, page.height());
                    assertThat(t.x()).as(key + t.text()).isBetween(0.0, page.width());
                });
            }
        }
    }

    /** A horn for 10 GHz fits a page: its walls are drawn at 96 units to the inch, to 0.2 mm. */
    @Test
    void wallsAreDrawnAtTrueSize() {
        Job job = TernholmSands.nestCamera();
        ApertureDesign small = Families.apertures("horn")
                .choices(new Family.Wish(10e9, 1, 1e-3, Metal.COPPER, true))
                .get(0);
        Assessment a = ASSESSOR.assess(new JobChange.Fit(true, small).applyTo(job), Assessor.Depth.QUICK, () -> true);
        List<Picture> pages = Sheets.of(Step.SHAPE, a.job()).pages(a, Paper.A4);
        for (FlatPattern wall : small.of().flat(small)) {
            List<Picture> at = pages.stream()
                    .filter(p -> p.texts().anyMatch(t -> t.text().startsWith("True size: " + wall.name())))
                    .toList();
            assertThat(at).as(wall.name()).hasSize(1);
            List<Double> drawn = at.get(0).marks().stream()
                    .filter(Mark.Stroke.class::isInstance)
                    .map(Mark.Stroke.class::cast)
                    .filter(s -> s.points().size() == 2)
                    .map(s -> length(s.points()) / 96 * 0.0254)
                    .toList();
            for (int i = 0; i < 4; i++) {
                At from = wall.outline().get(i);
                At to = wall.outline().get((i + 1) % 4);
                double wanted = Math.hypot(to.x() - from.x(), to.y() - from.y());
                assertThat(drawn).as(wall.name()).anyMatch(l -> Math.abs(l - wanted) < 0.2e-3);
            }
        }
    }

    private static double length(List<At> p) {
        return Math.hypot(p.get(1).x() - p.get(0).x(), p.get(1).y() - p.get(0).y());
    }

    /** The workshop's zip has the sheets as outlines for a cutter, each as long as the pattern. */
    @Test
    void theWorkshopsZipHasTheSheetsForACutter() throws IOException, FormatException {
        Assessment a = assessed("round horn", 2437e6);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        WorkshopZip.write(a, Paper.A4, out);
        Map<String, byte[]> files = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(out.toByteArray()))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), in.readAllBytes());
            }
        }
        assertThat(files).containsKeys("round-horn.pdf", "round-horn.dxf", "round-horn-page-1.svg");
        ApertureDesign d = (ApertureDesign) a.job().nearAntenna();
        double around = Outline.of(d).get(0).edges().stream()
                .mapToDouble(e -> 1000 * Math.hypot(e[1].x() - e[0].x(), e[1].y() - e[0].y()))
                .sum();
        List<Double> lengths = new ArrayList<>();
        DxfFile.read(new String(files.get("round-horn.dxf"), StandardCharsets.US_ASCII)).stream()
                .filter(e -> e.kind().equals("LINE"))
                .map(DxfFile.Entity::at)
                .forEach(p -> lengths.add(Math.hypot(p.get(2) - p.get(0), p.get(3) - p.get(1))));
        assertThat(lengths.stream().mapToDouble(l -> l).sum()).isCloseTo(around, within(0.5));
    }
}
