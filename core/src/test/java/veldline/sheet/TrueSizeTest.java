package veldline.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Step;
import veldline.build.Outline;
import veldline.demo.TernholmSands;
import veldline.format.PdfFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Picture;
import veldline.stock.Metal;

/** Pages at true size as they come out of the PDF, read back by another reader's drawing operators. */
class TrueSizeTest {
    private static final double MM_PER_POINT = 25.4 / 72;

    private static Assessment with(String key, double frequency) {
        Design d = Families.wires(key).design(new Family.Wish(frequency, 0.4, 1.6e-3, Metal.BRASS, false));
        Job job = new JobChange.Fit(true, d).applyTo(TernholmSands.nestCamera());
        return new Assessor().assess(job);
    }

    /** Every stroke of a page, millimetres from its corner. */
    private static final class Strokes extends PDFGraphicsStreamEngine {
        private final List<double[]> lines = new ArrayList<>();
        private Point2D at = new Point2D.Double();
        private final List<double[]> pending = new ArrayList<>();

        Strokes(PDPage page) throws IOException {
            super(page);
            processPage(page);
        }

        @Override
        public void moveTo(float x, float y) {
            at = new Point2D.Double(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            pending.add(
                    new double[] {at.getX() * MM_PER_POINT, at.getY() * MM_PER_POINT, x * MM_PER_POINT, y * MM_PER_POINT
                    });
            at = new Point2D.Double(x, y);
        }

        @Override
        public void strokePath() {
            lines.addAll(pending);
            pending.clear();
        }

        @Override
        public void endPath() {
            pending.clear();
        }

        @Override
        public void fillPath(int rule) {
            pending.clear();
        }

        @Override
        public void fillAndStrokePath(int rule) {
            pending.clear();
        }

        @Override
        public Point2D getCurrentPoint() {
            return at;
        }

        @Override
        public void curveTo(float a, float b, float c, float d, float x, float y) {
            at = new Point2D.Double(x, y);
        }

        @Override
        public void closePath() {}

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void shadingFill(COSName name) {}

        double length(int i) {
            double[] l = lines.get(i);
            return Math.hypot(l[2] - l[0], l[3] - l[1]);
        }
    }

    private static PDDocument printed(Assessment a, Paper paper) throws IOException {
        List<Picture> pages = Sheets.of(Step.SHAPE, a.job()).pages(a, paper);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfFile.write("test", pages, out);
        return Loader.loadPDF(out.toByteArray());
    }

    private static String text(PDDocument document, int page) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page + 1);
        stripper.setEndPage(page + 1);
        return stripper.getText(document);
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void anOutlineOnOnePageHasItsTrueLengths(Paper paper) throws IOException {
        Assessment a = with("biquad", 2437e6);
        Outline outline = Outline.of(a.job().made().orElseThrow()).get(0);
        try (PDDocument document = printed(a, paper)) {
            int found = 0;
            for (int p = 0; p < document.getNumberOfPages(); p++) {
                if (text(document, p).contains("True size: bent wire")) {
                    Strokes strokes = new Strokes(document.getPage(p));
                    for (Outline.At[] e : outline.edges()) {
                        double mm = 1000 * Math.hypot(e[1].x() - e[0].x(), e[1].y() - e[0].y());
                        assertThat(strokes.lines.stream().mapToDouble(l -> Math.hypot(l[2] - l[0], l[3] - l[1])))
                                .anyMatch(l -> Math.abs(l - mm) < 0.2);
                    }
                    // And the bar that proves the printer.
                    assertThat(strokes.lines.stream().mapToDouble(l -> Math.hypot(l[2] - l[0], l[3] - l[1])))
                            .anyMatch(l -> Math.abs(l - 50) < 0.02);
                    found++;
                }
            }
            assertThat(found).isEqualTo(1);
        }
    }

    /** Over several pages the parts of a line, less what the overlaps show twice, add up to it. */
    @Test
    void anOutlineOverSeveralPagesAddsUpAndHasItsCrosses() throws IOException {
        Assessment a = with("loop", 868e6);
        Outline outline = Outline.of(a.job().made().orElseThrow()).get(0);
        assertThat(outline.width() * 1000).isCloseTo(outline.height() * 1000, within(0.1));
        Assessment large = with("loop", 300e6);
        double side = 1000 * Outline.of(large.job().made().orElseThrow()).get(0).width();
        try (PDDocument document = printed(large, Paper.A4)) {
            List<Integer> tiles = new ArrayList<>();
            for (int p = 0; p < document.getNumberOfPages(); p++) {
                if (text(document, p).contains("row ")) {
                    tiles.add(p);
                }
            }
            assertThat(tiles).hasSizeGreaterThanOrEqualTo(4);
            double room = Paper.A4.room() / 96 * 25.4;
            double bottom = 0;
            for (int p : tiles) {
                Strokes strokes = new Strokes(document.getPage(p));
                List<double[]> crosses = strokes.lines.stream()
                        .filter(l -> Math.abs(Math.hypot(l[2] - l[0], l[3] - l[1]) - 20 / 96.0 * 25.4) < 0.01)
                        .collect(Collectors.toList());
                assertThat(crosses).as("page " + p).hasSizeGreaterThanOrEqualTo(4);
                if (text(document, p).contains("row 1 of")) {
                    bottom += strokes.lines.stream()
                            .filter(l -> Math.abs(l[1] - l[3]) < 0.01)
                            .mapToDouble(l -> Math.abs(l[2] - l[0]))
                            .filter(l -> l > 30 && Math.abs(l - 50) > 0.1 && Math.abs(l - room) > 0.1)
                            .sum();
                }
            }
            double columns = Math.ceil((side - 12) / (room - 12));
            // A page the line crosses whole is as wide as the head's rule, so it is counted apart.
            double whole = Math.max(0, columns - 2) * room;
            assertThat(bottom + whole - (columns - 1) * 12).isCloseTo(side, within(0.4));
        }
    }
}
