package veldline.format;

import java.nio.ByteBuffer;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import veldline.path.Elevations;
import veldline.path.Grid;

/** One degree square of heights as SRTM tiles hold it: named by its south-west corner, {@code N55E004.hgt}. */
public final class HgtTile {
    private static final Pattern NAME = Pattern.compile("([NS])(\\d{2})([EW])(\\d{3})\\.HGT");
    private static final short HOLE = -32_768;
    private static final int[] SIDES = {1201, 3601};

    private HgtTile() {}

    /** The name of the tile that holds a place. */
    public static String name(double latitude, double longitude) {
        int south = (int) Math.floor(latitude);
        int west = (int) Math.floor(longitude);
        return String.format(
                Locale.ROOT,
                "%s%02d%s%03d.hgt",
                south < 0 ? "S" : "N",
                Math.abs(south),
                west < 0 ? "W" : "E",
                Math.abs(west));
    }

    /**
     * @param name of the file, which alone says where the tile lies
     * @param bytes what it holds
     */
    public static Grid read(String name, byte[] bytes) throws FormatException {
        Matcher m = NAME.matcher(name.toUpperCase(Locale.ROOT));
        if (!m.matches()) {
            throw new FormatException(
                    "“" + name
                            + "” does not say where the tile lies; its name must be like N55E004.hgt, after its south-west corner");
        }
        int side = 0;
        for (int s : SIDES) {
            side = bytes.length == 2 * s * s ? s : side;
        }
        if (side == 0) {
            throw new FormatException(
                    "A tile has " + 2 * 1201 * 1201 + " or " + 2 * 3601 * 3601 + " bytes and this one " + bytes.length
                            + "; it was cut short or is something else. Fetch it again");
        }
        double south = Integer.parseInt(m.group(2)) * (m.group(1).equals("S") ? -1.0 : 1);
        double west = Integer.parseInt(m.group(4)) * (m.group(3).equals("W") ? -1.0 : 1);
        ByteBuffer in = ByteBuffer.wrap(bytes);
        float[] heights = new float[side * side];
        for (int i = 0; i < heights.length; i++) {
            short h = in.getShort();
            heights[i] = h == HOLE || Math.abs(h) > 9000 ? Float.NaN : h;
        }
        return new Grid(south + 1, west, 1.0 / (side - 1), side, side, heights);
    }

    /** Two tiles side by side as one ground. */
    public static Elevations joined(Elevations one, Elevations other) {
        return new Elevations() {
            @Override
            public OptionalDouble at(double latitude, double longitude) {
                OptionalDouble h = one.at(latitude, longitude);
                return h.isPresent() ? h : other.at(latitude, longitude);
            }

            @Override
            public double spacing() {
                return Math.min(one.spacing(), other.spacing());
            }

            @Override
            public String covers() {
                return one.covers() + ", and " + other.covers();
            }
        };
    }
}
