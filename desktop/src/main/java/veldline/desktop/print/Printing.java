package veldline.desktop.print;

import java.io.BufferedOutputStream;
import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.canvas.Canvas;
import javafx.scene.transform.Scale;
import veldline.assess.Assessment;
import veldline.assess.Step;
import veldline.desktop.bench.BenchView;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.look.Appearance;
import veldline.desktop.look.CanvasPainter;
import veldline.format.PdfFile;
import veldline.format.WorkshopZip;
import veldline.picture.Picture;
import veldline.sheet.Paper;
import veldline.sheet.Sheet;
import veldline.sheet.Sheets;

/** Printing: the preview over a bench, the printer, and the same pages as a PDF. */
public final class Printing {
    /** Asks where to: a title, a pattern of names, whether it is written. */
    public interface Chooser {
        Optional<File> choose(String title, String pattern, boolean save);
    }

    /** Pixels of a printed page to a drawing unit: 384 to the inch. */
    private static final double FINE = 4;

    private final Supplier<Showing> showing;
    private final Chooser chooser;
    private final Consumer<String> tell;
    private Optional<BenchView> view = Optional.empty();
    private Optional<Step> over = Optional.empty();
    private Paper paper = Paper.A4;

    public Printing(Supplier<Showing> showing, Chooser chooser, Consumer<String> tell) {
        this.showing = showing;
        this.chooser = chooser;
        this.tell = tell;
    }

    /** The preview of the sheet that was asked for last. */
    public BenchView view(Supplier<BenchView.Host> host) {
        Step step = over.orElseThrow();
        BenchView made = view.orElseGet(() -> new BenchView(new PrintBench(step, paper), showing, host.get()));
        view = Optional.of(made);
        return made;
    }

    /** Carries out one of the commands of printing. */
    public void command(Input.Command command, Step step) {
        switch (command) {
            case PRINT -> {
                over = Optional.of(step);
                view = Optional.empty();
            }
            case OTHER_PAPER -> {
                paper = paper.other();
                view = Optional.empty();
            }
            case PRINT_NOW -> print();
            case SAVE_PDF -> chooser.choose("Save the pages as", "*.pdf", true).ifPresent(this::save);
            case SAVE_WORKSHOP ->
                chooser.choose("Save for the workshop as", "*.zip", true).ifPresent(this::saveWorkshop);
            default -> throw new IllegalArgumentException(command + " has nothing to do with printing");
        }
    }

    private Sheet sheet() {
        return Sheets.of(over.orElseThrow(), showing.get().job());
    }

    private void print() {
        List<Picture> pages = sheet().pages(showing.get().assessment(), paper);
        Printer printer = Printer.getDefaultPrinter();
        if (printer == null) {
            tell.accept("No printer is set up here. Save it as a PDF and print that at 100 %.");
            return;
        }
        CompletableFuture.supplyAsync(() -> send(printer, pages))
                .thenAccept(sent -> Platform.runLater(() -> tell.accept(
                        sent
                                ? "Sent " + pages.size() + " pages to " + printer.getName() + "."
                                : printer.getName() + " took no pages. Save them as a PDF instead.")));
    }

    private boolean send(Printer printer, List<Picture> pages) {
        PrinterJob job = PrinterJob.createPrinterJob(printer);
        if (job == null) {
            return false;
        }
        PageLayout layout = printer.createPageLayout(
                paper == Paper.A4 ? javafx.print.Paper.A4 : javafx.print.Paper.NA_LETTER,
                PageOrientation.PORTRAIT,
                Printer.MarginType.HARDWARE_MINIMUM);
        boolean sent = true;
        for (Picture page : pages) {
            Canvas canvas = new Canvas(page.width() * FINE, page.height() * FINE);
            new CanvasPainter(Appearance.INK).paint(page, canvas.getGraphicsContext2D(), FINE);
            // The printer counts in points from the corner of what it can print.
            canvas.getTransforms().add(new Scale(72 / 96.0 / FINE, 72 / 96.0 / FINE));
            canvas.setTranslateX(-layout.getLeftMargin());
            canvas.setTranslateY(-layout.getTopMargin());
            sent &= job.printPage(layout, canvas);
        }
        return sent && job.endJob();
    }

    /** Writes the pages as a PDF, off the interface thread. */
    public void save(File file) {
        List<Picture> pages = sheet().pages(showing.get().assessment(), paper);
        String title = sheet().title() + ", " + showing.get().job().name();
        write(file, ".pdf", pages.size() + " pages", out -> PdfFile.write(title, pages, out));
    }

    /** Writes all that a workshop takes as one zip, likewise. */
    public void saveWorkshop(File file) {
        Assessment a = showing.get().assessment();
        write(file, ".zip", "pages, outlines and parts to print", out -> WorkshopZip.write(a, paper, out));
    }

    private interface Writing {
        void to(OutputStream out) throws IOException;
    }

    private void write(File file, String ending, String what, Writing writing) {
        File target = file.getName().endsWith(ending) ? file : new File(file.getPath() + ending);
        CompletableFuture.supplyAsync(() -> {
                    try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(target.toPath()))) {
                        writing.to(out);
                        return "Saved " + target.getName() + ", " + what + ".";
                    } catch (IOException e) {
                        return target.getName() + " was not written: " + e.getMessage() + ". Choose another folder.";
                    }
                })
                .thenAccept(news -> Platform.runLater(() -> tell.accept(news)));
    }
}
