package veldline.link;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import veldline.explain.Change;
import veldline.quantity.Quantity;
import veldline.stock.Piece;
import veldline.stock.Tool;

/** Every edit of the needs. */
public sealed interface NeedsChange extends Change<Needs> {
    /** Which of the typed needs. */
    enum Kind {
        RATE("rate to carry"),
        DELAY("delay allowed"),
        OUTAGE("outage allowed a day"),
        BUDGET("budget"),
        WEIGHT("weight, at most"),
        PACKED("packed length"),
        SET_UP("set-up time"),
        PEOPLE("people there"),
        HOURS("hours there"),
        HIGHEST("highest allowed");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public Quantity of(Needs n) {
            return switch (this) {
                case RATE -> n.rate();
                case DELAY -> n.delay();
                case OUTAGE -> n.outage();
                case BUDGET -> n.budget();
                case WEIGHT -> n.weight();
                case PACKED -> n.packed();
                case SET_UP -> n.setUp();
                case PEOPLE -> n.people();
                case HOURS -> n.hours();
                case HIGHEST -> n.highest();
            };
        }
    }

    record Amount(Kind kind, Quantity to) implements NeedsChange {
        @Override
        public Needs applyTo(Needs n) {
            return switch (kind) {
                case RATE -> n.withRate(to);
                case DELAY -> n.withDelay(to);
                case OUTAGE -> n.withOutage(to);
                case BUDGET -> n.withBudget(to);
                case WEIGHT -> n.withWeight(to);
                case PACKED -> n.withPacked(to);
                case SET_UP -> n.withSetUp(to);
                case PEOPLE -> n.withPeople(to);
                case HOURS -> n.withHours(to);
                case HIGHEST -> n.withHighest(to);
            };
        }

        @Override
        public String label() {
            return kind.words() + " " + to;
        }
    }

    record Unseen(boolean to) implements NeedsChange {
        @Override
        public Needs applyTo(Needs n) {
            return n.withUnseen(to);
        }

        @Override
        public String label() {
            return to ? "not to catch the eye" : "may be seen";
        }
    }

    record Have(Tool tool, boolean on) implements NeedsChange {
        @Override
        public Needs applyTo(Needs n) {
            Set<Tool> next = EnumSet.noneOf(Tool.class);
            next.addAll(n.tools());
            if (on) {
                next.add(tool);
            } else {
                next.remove(tool);
            }
            return n.withTools(next);
        }

        @Override
        public String label() {
            return (on ? "with " : "without ") + tool.words();
        }
    }

    record AddPiece(Piece piece) implements NeedsChange {
        @Override
        public Needs applyTo(Needs n) {
            List<Piece> next = new ArrayList<>(n.stock());
            next.add(piece);
            return n.withStock(next);
        }

        @Override
        public String label() {
            return "stock: " + piece.words();
        }
    }

    record DropPiece(int index) implements NeedsChange {
        @Override
        public Needs applyTo(Needs n) {
            List<Piece> next = new ArrayList<>(n.stock());
            next.remove(index);
            return n.withStock(next);
        }

        @Override
        public String label() {
            return "stock used up";
        }
    }
}
