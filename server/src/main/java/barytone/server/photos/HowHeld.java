package barytone.server.photos;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * How the camera was held. It is looked for in the file itself, for readers give up where blocks stand in an order that is not by the book, which cameras do not keep.
 * JPEG: segment APP1; PNG: chunk eXIf; WebP: chunk EXIF of its RIFF.
 */
final class HowHeld {
    private static final byte[] HEAD = "Exif\0\0".getBytes(StandardCharsets.ISO_8859_1);
    private static final int APP1 = 0xe1;
    private static final int START_OF_SCAN = 0xda;

    private HowHeld() {}

    /** The orientation that is noted; empty when none is, or it cannot be read. */
    static Optional<Orientation> of(byte[] file) {
        try {
            return exif(file).map(ExifUtils::getOrientationFromExif);
        } catch (RuntimeException broken) {
            return Optional.empty();
        }
    }

    private static Optional<byte[]> exif(byte[] file) {
        return switch (file[0]) {
            case (byte) 0xff -> jpeg(file);
            case 'R' -> chunks(file, 12, ByteOrder.LITTLE_ENDIAN, "EXIF");
            default -> chunks(file, 8, ByteOrder.BIG_ENDIAN, "eXIf");
        };
    }

    private static Optional<byte[]> jpeg(byte[] file) {
        ByteBuffer in = ByteBuffer.wrap(file);
        for (int at = 2; at + 4 <= file.length; ) {
            int marker = Byte.toUnsignedInt(file[at + 1]);
            int length = Short.toUnsignedInt(in.getShort(at + 2));
            if (marker == START_OF_SCAN || at + 2 + length > file.length) return Optional.empty();
            byte[] body = Arrays.copyOfRange(file, at + 4, at + 2 + length);
            if (marker == APP1 && Arrays.mismatch(body, HEAD) >= HEAD.length) return Optional.of(body);
            at += 2 + length;
        }
        return Optional.empty();
    }

    /** PNG writes the length before the name of a chunk and a sum after it, RIFF the length after it and a byte where it is odd. */
    private static Optional<byte[]> chunks(byte[] file, int first, ByteOrder order, String wanted) {
        boolean png = order == ByteOrder.BIG_ENDIAN;
        ByteBuffer in = ByteBuffer.wrap(file).order(order);
        for (int at = first; at + 8 <= file.length; ) {
            int length = in.getInt(png ? at : at + 4);
            String name = new String(file, png ? at + 4 : at, 4, StandardCharsets.ISO_8859_1);
            if (length < 0 || length > file.length - at - 8) return Optional.empty();
            if (name.equals(wanted)) return Optional.of(headed(Arrays.copyOfRange(file, at + 8, at + 8 + length)));
            at += 8 + length + (png ? 4 : length % 2);
        }
        return Optional.empty();
    }

    private static byte[] headed(byte[] body) {
        if (Arrays.mismatch(body, HEAD) >= HEAD.length) return body;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(HEAD);
        out.writeBytes(body);
        return out.toByteArray();
    }
}
