package veldline.format;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.YagiShape;
import veldline.assess.Assessment;
import veldline.assess.Step;
import veldline.build.Marks;
import veldline.build.Outline;
import veldline.build.Printed;
import veldline.build.Solid;
import veldline.field.pattern.Sweep;
import veldline.line.PortData;
import veldline.picture.Picture;
import veldline.sheet.Paper;
import veldline.sheet.Sheets;

/** Everything a workshop takes of an antenna in one zip: the sheets as PDF, each page as SVG, outlines and holes as DXF, parts to print as STL, its feed over the band as Touchstone. */
public final class WorkshopZip {
    private static final double USUAL_BOOM = 15e-3;
    private static final double LINE = 50;

    private WorkshopZip() {}

    /**
     * @throws IOException when {@code out} takes no more
     * @throws IllegalArgumentException where nothing is made in the job
     */
    public static void write(Assessment a, Paper paper, OutputStream out) throws IOException {
        Antenna made = a.job().antenna(a.job().madeNear());
        if (!made.shapedHere()) {
            throw new IllegalArgumentException(
                    "This antenna is bought, so there is nothing to cut; choose one to build");
        }
        List<Picture> pages = Sheets.of(Step.SHAPE, a.job()).pages(a, paper);
        String name = made.title().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            ByteArrayOutputStream pdf = new ByteArrayOutputStream();
            PdfFile.write(made.title(), pages, pdf);
            put(zip, name + ".pdf", pdf.toByteArray());
            for (int i = 0; i < pages.size(); i++) {
                put(
                        zip,
                        name + "-page-" + (i + 1) + ".svg",
                        SvgFile.write(made.title(), pages.get(i)).getBytes(StandardCharsets.UTF_8));
            }
            if (a.sweep().value().isPresent()) {
                String curve =
                        TouchstoneFile.write(ohms(a.sweep().value().get()).as(PortData.Kind.S), TouchstoneForm.RI, 1);
                put(zip, name + ".s1p", curve.getBytes(StandardCharsets.US_ASCII));
            }
            put(zip, name + ".dxf", outlines(made).getBytes(StandardCharsets.US_ASCII));
            for (Solid part : made instanceof Made m ? Printed.of(m, element(m), boom(m)) : List.<Solid>of()) {
                ByteArrayOutputStream stl = new ByteArrayOutputStream();
                StlFile.write(part, stl);
                put(zip, part.name().replace(' ', '-') + ".stl", stl.toByteArray());
            }
        }
    }

    /** The curve of its feed, as an analyser would have it on 50 Ω. */
    private static PortData ohms(Sweep sweep) {
        return new PortData(
                PortData.Kind.Z,
                List.of(LINE),
                sweep.points().stream()
                        .map(p -> new PortData.Row(p.frequency(), List.of(List.of(p.impedance()))))
                        .toList());
    }

    private static String outlines(Antenna made) {
        return made instanceof ApertureDesign d
                ? DxfFile.write(Outline.of(d), new Marks(0, List.of()))
                : DxfFile.write(Outline.of((Made) made), Marks.of((Made) made));
    }

    private static double element(Made made) {
        return made instanceof YagiShape y
                ? y.diameter().value()
                : made instanceof Design d ? d.diameter().value() : 0;
    }

    private static double boom(Made made) {
        return made instanceof YagiShape y ? y.boomDiameter().value() : USUAL_BOOM;
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        // The same job makes the same file, whenever it is written.
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }
}
