package veldline.format;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import veldline.build.Solid;
import veldline.build.Solid.Facet;
import veldline.field.wire.Vec;

/** Bodies as binary STL (3D Systems, StereoLithography Interface Specification, 1989), in millimetres. */
public final class StlFile {
    private static final int HEAD = 80;
    private static final int FACET = 50;
    private static final double MM = 1000;

    private StlFile() {}

    /** @throws IOException when {@code out} takes no more */
    public static void write(Solid solid, OutputStream out) throws IOException {
        ByteBuffer b =
                ByteBuffer.allocate(HEAD + 4 + FACET * solid.facets().size()).order(ByteOrder.LITTLE_ENDIAN);
        byte[] name = solid.name().getBytes(StandardCharsets.US_ASCII);
        b.put(name, 0, Math.min(name.length, HEAD)).position(HEAD);
        b.putInt(solid.facets().size());
        for (Facet f : solid.facets()) {
            put(b, f.normal(), 1);
            put(b, f.a(), MM);
            put(b, f.b(), MM);
            put(b, f.c(), MM);
            b.putShort((short) 0);
        }
        out.write(b.array());
    }

    private static void put(ByteBuffer b, Vec v, double scale) {
        b.putFloat((float) (scale * v.x())).putFloat((float) (scale * v.y())).putFloat((float) (scale * v.z()));
    }

    /** @throws FormatException where the length does not fit the number of triangles it names */
    public static Solid read(byte[] file) throws FormatException {
        ByteBuffer b = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
        if (file.length < HEAD + 4 || (file.length - HEAD - 4) % FACET != 0) {
            throw new FormatException("A binary STL has 84 bytes and 50 for each triangle, not " + file.length
                    + "; it was cut short or is the text form");
        }
        int count = b.getInt(HEAD);
        if (count != (file.length - HEAD - 4) / FACET) {
            throw new FormatException("It names " + count + " triangles and has " + (file.length - HEAD - 4) / FACET
                    + "; fetch it again");
        }
        List<Facet> facets = new ArrayList<>();
        b.position(HEAD + 4);
        for (int i = 0; i < count; i++) {
            get(b, 1);
            facets.add(new Facet(get(b, MM), get(b, MM), get(b, MM)));
            b.getShort();
        }
        return new Solid(new String(file, 0, HEAD, StandardCharsets.US_ASCII).trim(), facets);
    }

    private static Vec get(ByteBuffer b, double scale) {
        return new Vec(b.getFloat() / scale, b.getFloat() / scale, b.getFloat() / scale);
    }
}
