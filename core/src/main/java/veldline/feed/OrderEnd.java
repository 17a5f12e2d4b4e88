package veldline.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import veldline.feed.Connector.Contact;
import veldline.feed.Connector.Series;
import veldline.feed.Connector.Thread;

/** One end of a part as an order line names it. */
final class OrderEnd {
    private static final String REVERSE = "(?:rp[- ]?|reverse[d]?[- ](?:polarity|contact|sex)[- ]?)";
    private static final Pattern REVERSED = Pattern.compile("(?<![a-z])" + REVERSE);

    /** Longer names first, since shorter ones are part of them. */
    private enum Name {
        MINI_UHF(Series.MINI_UHF, "mini[- ]?uhf"),
        UHF_PLUG(Series.UHF, "pl[- ]?259", Thread.INSIDE),
        UHF_JACK(Series.UHF, "so[- ]?239", Thread.OUTSIDE),
        UHF(Series.UHF, "uhf"),
        SEVEN(Series.SEVEN_SIXTEEN, "(?:din )?7[-/]16(?: din)?"),
        FOUR_THREE(Series.FOUR_THREE_TEN, "4[.]3[-/]10"),
        FOUR_ONE(Series.FOUR_ONE_NINE_FIVE, "4[.]1[-/]9[.]5"),
        SMA(Series.SMA, "sma"),
        SMB(Series.SMB, "smb"),
        SMC(Series.SMC, "smc"),
        QMA(Series.QMA, "qma"),
        MMCX(Series.MMCX, "mmcx"),
        MCX(Series.MCX, "mcx"),
        TNC(Series.TNC, "tnc"),
        BNC(Series.BNC, "bnc"),
        MICRO(Series.MICRO_BOARD, "micro[- ]board"),
        TELEVISION(Series.TELEVISION, "(?:television|tv|coaxial aerial)"),
        N(Series.N, "(?:n[- ]type|type[- ]n|n)"),
        F(Series.F, "(?:f[- ]type|type[- ]f|f)");

        private final Series series;
        private final Pattern pattern;
        private final Optional<Thread> thread;

        Name(Series series, String words) {
            this(series, words, Optional.empty());
        }

        Name(Series series, String words, Thread thread) {
            this(series, words, Optional.of(thread));
        }

        Name(Series series, String words, Optional<Thread> thread) {
            this.series = series;
            this.pattern = Pattern.compile("(?<![a-z0-9.])(" + REVERSE + ")?" + words + "(?![a-z0-9.])");
            this.thread = thread;
        }
    }

    private OrderEnd() {}

    /**
     * Every connector that the words may mean; empty where no series is named.
     *
     * @param ohms that the line states
     * @param cable impedance of the cable it names
     */
    static Optional<List<Connector>> read(String phrase, Optional<Integer> ohms, Optional<Integer> cable) {
        return found(phrase).map(f -> {
            String rest = phrase.substring(0, f.at.start()) + " " + phrase.substring(f.at.end());
            boolean reverse = f.at.group(1) != null || REVERSED.matcher(rest).find();
            return candidates(f.name, reverse, rest, impedance(f.name.series, ohms, cable));
        });
    }

    /** The words that name a series; empty where none do. */
    static Optional<String> series(String phrase) {
        return found(phrase).map(f -> f.at.group());
    }

    /** Whether they say which half it is. */
    static boolean sexed(String phrase) {
        return said(phrase, "plugs?|jacks?|males?|females?|sockets?");
    }

    /** A name, and where it stands. */
    private record Found(Name name, MatchResult at) {}

    private static Optional<Found> found(String phrase) {
        for (Name name : Name.values()) {
            Matcher m = name.pattern.matcher(phrase);
            if (m.find()) {
                return Optional.of(new Found(name, m.toMatchResult()));
            }
        }
        return Optional.empty();
    }

    private static int impedance(Series series, Optional<Integer> ohms, Optional<Integer> cable) {
        List<Integer> made = SeriesFacts.of(series).map(SeriesFacts::ohms).orElse(List.of(50));
        return ohms.filter(made::contains)
                .or(() -> cable.filter(made::contains))
                .orElse(made.get(0));
    }

    private static List<Connector> candidates(Name name, boolean reverse, String rest, int ohms) {
        Optional<Thread> thread = name.thread
                .or(() -> said(rest, "plugs?") ? Optional.of(Thread.INSIDE) : Optional.empty())
                .or(() -> said(rest, "jacks?|bulkhead|panel") ? Optional.of(Thread.OUTSIDE) : Optional.empty())
                .or(() -> said(rest, "(?:inside|inner|internal) threads?|threads? inside|nut")
                        ? Optional.of(Thread.INSIDE)
                        : Optional.empty())
                .or(() -> said(rest, "(?:outside|outer|external) threads?|threads? outside")
                        ? Optional.of(Thread.OUTSIDE)
                        : Optional.empty());
        Optional<Contact> contact = said(rest, "(?:centre |center )?pin|male pin|with pin")
                ? Optional.of(Contact.PIN)
                : said(rest, "hole|female contact|no pin|socket contact|contact socket")
                        ? Optional.of(Contact.SOCKET)
                        : Optional.empty();
        Optional<Boolean> male = said(rest, "males?|m")
                ? Optional.of(true)
                : said(rest, "females?|f|sockets?") ? Optional.of(false) : Optional.empty();
        List<Connector> all = new ArrayList<>();
        for (Thread t : Thread.values()) {
            Contact c = (t == Thread.INSIDE) == (name.series.plugHasPin() != reverse) ? Contact.PIN : Contact.SOCKET;
            Connector it = new Connector(name.series, t, c, ohms);
            boolean agrees = thread.filter(x -> x != t).isEmpty()
                    && contact.filter(x -> x != c).isEmpty();
            // Where body and contact go together the trade's word means both; where they do not, some mean one and some
            // the other.
            boolean together = (t == Thread.INSIDE) == (c == Contact.PIN);
            boolean sex = male.isEmpty() || thread.isPresent() || !together || male.get() == (c == Contact.PIN);
            if (agrees && sex) {
                all.add(it);
            }
        }
        return all.isEmpty() ? both(name.series, reverse, ohms) : all;
    }

    /** What contradicts itself says nothing. */
    private static List<Connector> both(Series series, boolean reverse, int ohms) {
        Contact inside = series.plugHasPin() != reverse ? Contact.PIN : Contact.SOCKET;
        return List.of(
                new Connector(series, Thread.INSIDE, inside, ohms),
                new Connector(series, Thread.OUTSIDE, inside.mate(), ohms));
    }

    private static boolean said(String rest, String words) {
        return Pattern.compile("(?<![a-z0-9])(?:" + words + ")(?![a-z0-9])")
                .matcher(rest)
                .find();
    }
}
