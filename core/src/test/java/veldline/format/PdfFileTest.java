package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import veldline.explain.Origin;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;

class PdfFileTest {
    private static byte[] pdf(Picture... pages) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfFile.write("A title", List.of(pages), out);
        return out.toByteArray();
    }

    private static Picture page(String text) {
        return Picture.pen(480, 240)
                .text(text, 48, 96, Mark.Anchor.START, 14, Mark.Face.TEXT, Role.INK, Origin.Plain.NAME)
                .done();
    }

    @Test
    void textStaysTextAndPagesKeepTheirSize() throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf(page("Reflector 60.5 mm"), page("Second −3.2 dB")))) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("A title");
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(360, within(0.01f));
            assertThat(document.getPage(0).getMediaBox().getHeight()).isCloseTo(180, within(0.01f));
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Reflector 60.5 mm").contains("Second −3.2 dB");
        }
    }

    @Test
    void everyFaceIsEmbedded() throws IOException {
        var pen = Picture.pen(300, 300);
        double y = 30;
        for (Mark.Face face : Mark.Face.values()) {
            pen.text("Sample 12", 20, y += 30, Mark.Anchor.START, 14, face, Role.INK, Origin.Plain.NAME);
        }
        try (PDDocument document = Loader.loadPDF(pdf(pen.done()))) {
            PDPage only = document.getPage(0);
            int n = 0;
            for (COSName name : only.getResources().getFontNames()) {
                assertThat(only.getResources().getFont(name).isEmbedded())
                        .as(name.getName())
                        .isTrue();
                n++;
            }
            assertThat(n).isEqualTo(veldline.picture.Mark.Face.values().length);
        }
    }

    @Test
    void aSignThatAFaceLacksIsTakenFromAnother() throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf(page("√2 ≤ ∞")))) {
            assertThat(new PDFTextStripper().getText(document)).contains("√2 ≤ ∞");
        }
    }

    @Test
    void whatIsDrawnIsWhereThePictureHasIt() throws IOException {
        Picture p = Picture.pen(400, 200)
                .box(100, 50, 100, 20, Role.INK)
                .hatched(250, 50, 100, 100, Role.THRIFT, Mark.Hatch.DIAGONAL)
                .box(100, 100, 100, 20, Role.MUSSEL_WASH)
                .dot(50, 60, 10, Role.INK, Role.INK, 1)
                .line(10, 180, 390, 180, Role.MUSSEL, 4)
                .done();
        try (PDDocument document = Loader.loadPDF(pdf(p))) {
            // At 96 dots to the inch a pixel is a drawing unit.
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, 96);
            assertThat(ink(image, 150, 60)).as("a box of ink").isTrue();
            assertThat(ink(image, 150, 110)).as("a wash is left out").isFalse();
            assertThat(ink(image, 50, 60)).as("a dot").isTrue();
            assertThat(ink(image, 200, 180)).as("a line").isTrue();
            assertThat(ink(image, 200, 20)).as("empty paper").isFalse();
            double share = share(image, 252, 52, 348, 148);
            assertThat(share).as("a hatch is neither full nor empty").isBetween(0.05, 0.5);
            assertThat(share(image, 352, 52, 398, 148))
                    .as("and keeps to its area")
                    .isZero();
        }
    }

    private static boolean ink(BufferedImage image, int x, int y) {
        return (image.getRGB(x, y) & 0xff) < 128;
    }

    private static double share(BufferedImage image, int x1, int y1, int x2, int y2) {
        int dark = 0;
        for (int x = x1; x < x2; x++) {
            for (int y = y1; y < y2; y++) {
                dark += (image.getRGB(x, y) & 0xff) < 200 ? 1 : 0;
            }
        }
        return (double) dark / ((x2 - x1) * (y2 - y1));
    }

    @Test
    void theSameSheetIsWrittenForEveryAnchor() throws IOException {
        var pen = Picture.pen(400, 100);
        for (Mark.Anchor anchor : Mark.Anchor.values()) {
            pen.text("W", 200, 50, anchor, 30, Mark.Face.BOLD, Role.INK, Origin.Plain.NAME);
        }
        try (PDDocument document = Loader.loadPDF(pdf(pen.done()))) {
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, 96);
            assertThat(share(image, 202, 26, 226, 52)).as("start goes right").isGreaterThan(0.2);
            assertThat(share(image, 174, 26, 198, 52)).as("end goes left").isGreaterThan(0.2);
        }
    }
}
