package truekeen.app.print;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import truekeen.core.template.WedgeSheet.Corner;
import truekeen.core.template.WedgeSheet.Triangle;

/** Writes a solid as binary STL, in millimetres. */
final class StlSolid {
    private static final int HEADER = 80;
    private static final int FACE = 50;

    private StlSolid() {}

    static byte[] write(String name, List<Triangle> faces) {
        ByteBuffer out = ByteBuffer.allocate(HEADER + 4 + FACE * faces.size()).order(ByteOrder.LITTLE_ENDIAN);
        byte[] title = name.getBytes(StandardCharsets.US_ASCII);
        out.put(title, 0, Math.min(title.length, HEADER));
        out.position(HEADER);
        out.putInt(faces.size());
        for (Triangle t : faces) {
            double ux = t.b().x() - t.a().x();
            double uy = t.b().y() - t.a().y();
            double uz = t.b().z() - t.a().z();
            double vx = t.c().x() - t.a().x();
            double vy = t.c().y() - t.a().y();
            double vz = t.c().z() - t.a().z();
            double nx = uy * vz - uz * vy;
            double ny = uz * vx - ux * vz;
            double nz = ux * vy - uy * vx;
            double length = Math.sqrt(nx * nx + ny * ny + nz * nz);
            corner(out, new Corner(nx / length, ny / length, nz / length));
            corner(out, t.a());
            corner(out, t.b());
            corner(out, t.c());
            out.putShort((short) 0);
        }
        return out.array();
    }

    private static void corner(ByteBuffer out, Corner c) {
        out.putFloat((float) c.x()).putFloat((float) c.y()).putFloat((float) c.z());
    }
}
