package veldline.desktop;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.desktop.theline.MarginPanel;

/** Keys. A bare key works when no box has the caret; with Ctrl some work anywhere. */
final class WindowKeys {
    private final VeldlineWindow window;
    private final Workbench work;
    private int place;

    WindowKeys(VeldlineWindow window, Workbench work) {
        this.window = window;
        this.work = work;
        window.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        window.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            // Brackets also work in boxes, where no number needs them.
            if (e.getCharacter().equals("[") || e.getCharacter().equals("]")) {
                work.alongLine(e.getCharacter().equals("[") ? -1 : 1);
                e.consume();
            }
        });
    }

    private boolean typing() {
        Node owner = window.getScene() == null ? null : window.getScene().getFocusOwner();
        return owner instanceof TextInputControl t && t.isEditable() || owner instanceof ComboBoxBase;
    }

    private void pressed(KeyEvent e) {
        if (e.isShortcutDown() ? control(e.getCode()) : function(e.getCode()) || !typing() && bare(e)) {
            e.consume();
        }
    }

    private boolean control(KeyCode code) {
        if (digit(code)) {
            return true;
        }
        switch (code) {
            case Z -> work.undo();
            case Y -> work.redo();
            case G -> window.goToBox().requestFocus();
            case J -> window.openBench().ifPresent(b -> b.toggleFindings());
            case S -> window.command(Input.Command.SAVE_AS);
            case P -> window.command(Input.Command.PRINT);
            case PLUS, EQUALS, ADD -> window.resizeText(1);
            case MINUS, SUBTRACT -> window.resizeText(-1);
            case D -> window.openDrawer();
            case O -> window.command(Input.Command.OPEN);
            case N -> window.command(Input.Command.NEW_JOB);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean function(KeyCode code) {
        switch (code) {
            case F1 -> window.command(Input.Command.HELP);
            case F6 -> work.pinLine();
            case F7 -> nextPlace();
            case F9 -> window.switchLook();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean digit(KeyCode code) {
        int n = code.isDigitKey() && !code.getName().isEmpty()
                ? code.getName().charAt(code.getName().length() - 1) - '1'
                : -1;
        if (n < 0 || n >= Step.values().length) {
            return false;
        }
        work.go(Step.values()[n]);
        return true;
    }

    private boolean bare(KeyEvent e) {
        KeyCode code = e.getCode();
        if (digit(code)) {
            return true;
        }
        switch (code) {
            case LEFT -> window.openBench().ifPresent(b -> b.walk(-1));
            case RIGHT -> window.openBench().ifPresent(b -> b.walk(1));
            case ENTER -> {
                return enter();
            }
            case G -> window.goToBox().requestFocus();
            case H -> window.openBench().ifPresent(b -> b.nextFinding());
            case J -> window.openBench().ifPresent(b -> b.toggleFindings());
            case D -> window.openDrawer();
            case S -> window.command(Input.Command.SUMS);
            case C -> window.command(Input.Command.CHANGES);
            case L -> window.command(Input.Command.LEARN);
            case K -> {
                work.go(Step.CHOOSE);
                work.command(Input.Command.CHECK_ADVERT);
            }
            case B -> work.showing().ifPresent(s -> work.pick(MarginPanel.other(s)));
            case U -> window.openBench().ifPresent(b -> b.switchUnits(e.isShiftDown()));
            case T -> window.openBench().ifPresent(b -> b.takeRemedy());
            case R -> {
                if (work.step() != Step.PROVE) {
                    work.go(Step.PROVE);
                }
                work.command(Input.Command.RECORD);
            }
            case I -> {
                if (work.step() == Step.SHAPE) {
                    work.command(Input.Command.IMPROVE);
                }
            }
            case ESCAPE -> {
                boolean looking = work.busy().isPresent()
                        && work.overlay().filter(Overlay.IMPROVE::equals).isPresent();
                if (looking || !work.leaveOverlay()) {
                    work.stopStudy();
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** On a control of its own Enter is that control's; elsewhere it takes what is picked. */
    private boolean enter() {
        Node owner = window.getScene().getFocusOwner();
        if (owner != null
                && owner != window
                && owner.isFocusTraversable()
                && !(owner instanceof javafx.scene.control.ScrollPane)
                && owner.getId() != null) {
            return false;
        }
        if (work.overlay().filter(Overlay.CHANGES::equals).isPresent()) {
            work.goBack();
        } else if (work.overlay().filter(Overlay.IMPROVE::equals).isPresent()) {
            work.command(Input.Command.TAKE_IMPROVED);
        } else {
            window.openBench().ifPresent(b -> b.take());
        }
        return true;
    }

    private void nextPlace() {
        List<Region> places = window.places();
        place = (place + 1) % places.size();
        focusFirst(places.get(place));
    }

    private static boolean focusFirst(javafx.scene.Parent parent) {
        for (Node child : parent.getChildrenUnmodifiable()) {
            if (child.isFocusTraversable() && child.isVisible()) {
                child.requestFocus();
                return true;
            }
            if (child instanceof javafx.scene.Parent p && focusFirst(p)) {
                return true;
            }
        }
        return false;
    }
}
