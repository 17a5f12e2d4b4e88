package veldline.format;

import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import veldline.path.Geodesic;
import veldline.path.Profile;
import veldline.prove.WalkReading;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A walked track with heights (GPX 1.1), as the ground along the way. Declares nothing and fetches nothing. */
public final class GpxTrack {
    private static final int MOST_POINTS = 500_000;

    /**
     * A point of a track.
     *
     * @param height metres, where it has one
     * @param level that was heard there, dBm, where an extension of it is called level, dbm, rssi or signal
     */
    public record Point(double latitude, double longitude, Optional<Double> height, Optional<Double> level) {}

    private static final Set<String> LEVELS = Set.of("level", "level_dbm", "dbm", "rssi", "signal");

    private GpxTrack() {}

    /** Every point of every track, in order. */
    public static List<Point> points(Reader in) throws FormatException {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        List<Point> points = new ArrayList<>();
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(in);
            Optional<double[]> open = Optional.empty();
            Optional<Double> height = Optional.empty();
            Optional<Double> level = Optional.empty();
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT && isPoint(xml.getLocalName())) {
                    open = Optional.of(new double[] {degrees(xml, "lat", 90), degrees(xml, "lon", 180)});
                    height = Optional.empty();
                    level = Optional.empty();
                } else if (event == XMLStreamConstants.START_ELEMENT
                        && open.isPresent()
                        && xml.getLocalName().equals("ele")) {
                    height = Optional.of(number(xml.getElementText(), xml));
                } else if (event == XMLStreamConstants.START_ELEMENT
                        && open.isPresent()
                        && LEVELS.contains(xml.getLocalName().toLowerCase(Locale.ROOT))) {
                    level = Optional.of(number(xml.getElementText().replace('−', '-'), xml));
                } else if (event == XMLStreamConstants.END_ELEMENT && isPoint(xml.getLocalName()) && open.isPresent()) {
                    points.add(new Point(open.get()[0], open.get()[1], height, level));
                    open = Optional.empty();
                    if (points.size() > MOST_POINTS) {
                        throw new FormatException("The track has more than " + MOST_POINTS
                                + " points; save the part that is wanted alone");
                    }
                }
            }
        } catch (XMLStreamException e) {
            String where =
                    e.getLocation() == null ? "" : "Line " + e.getLocation().getLineNumber() + ": ";
            throw new FormatException(where + "this is no whole GPX file; save the track again as GPX");
        }
        return points;
    }

    /**
     * Levels heard on a walk by how far each place lies from an end; points without one are left out.
     *
     * @throws FormatException where no point tells a level
     */
    public static List<WalkReading> walk(Reader in, double latitude, double longitude) throws FormatException {
        List<WalkReading> walk = new ArrayList<>();
        for (Point p : points(in)) {
            double away = Geodesic.between(latitude, longitude, p.latitude(), p.longitude())
                    .distance();
            if (p.level().isPresent() && away > 0) {
                walk.add(new WalkReading(
                        Quantity.shown(away, Unit.M, 0),
                        Optional.of(Quantity.shown(p.level().get(), Unit.DBM, 1))));
            }
        }
        if (walk.isEmpty()) {
            throw new FormatException(
                    "No point of the track tells a level; each needs an extension called level, dbm, rssi or signal, in dBm");
        }
        return walk;
    }

    private static boolean isPoint(String name) {
        return name.equals("trkpt") || name.equals("rtept");
    }

    private static double degrees(XMLStreamReader xml, String name, double most) throws FormatException {
        double v = number(String.valueOf(xml.getAttributeValue(null, name)), xml);
        if (!(Math.abs(v) <= most)) {
            throw new FormatException(
                    "Line " + xml.getLocation().getLineNumber() + ": " + name + " is " + v + "; it goes to ±" + most);
        }
        return v;
    }

    private static double number(String text, XMLStreamReader xml) throws FormatException {
        try {
            double v = Double.parseDouble(text.strip());
            if (Double.isFinite(v)) {
                return v;
            }
        } catch (NumberFormatException e) {
            throw new FormatException("Line " + xml.getLocation().getLineNumber() + ": “" + text.strip()
                    + "” stands where a number belongs");
        }
        throw new FormatException(
                "Line " + xml.getLocation().getLineNumber() + ": “" + text.strip() + "” stands where a number belongs");
    }

    /**
     * The ground along a track that was walked from end to end; points where one stood still are left out.
     *
     * @param source what to call it
     */
    public static Profile profile(Reader in, String source) throws FormatException {
        List<Point> points =
                points(in).stream().filter(p -> p.height().isPresent()).toList();
        List<Double> along = new ArrayList<>();
        List<Double> heights = new ArrayList<>();
        double walked = 0;
        int thin = points.size() / Profile.MOST + 1;
        for (int i = 0; i < points.size(); i += thin) {
            Point p = points.get(i);
            Point before = points.get(Math.max(0, i - thin));
            double step = Geodesic.between(before.latitude, before.longitude, p.latitude, p.longitude)
                    .distance();
            if (i == 0 || step > 0.1) {
                walked += step;
                along.add(walked);
                heights.add(p.height().orElseThrow());
            }
        }
        if (along.size() < 2) {
            throw new FormatException("The track has " + along.size()
                    + " points with a height; a profile takes two or more. Record it with heights (ele)");
        }
        try {
            return new Profile(source, along, heights);
        } catch (IllegalArgumentException e) {
            throw new FormatException(e.getMessage());
        }
    }
}
