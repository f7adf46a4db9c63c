package barytone.server.photos;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How the camera was held is found in every kind of file, and nowhere else. */
class HowHeldTest {
    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        for (byte[] part : parts) out.writeBytes(part);
        return out.toByteArray();
    }

    /** The one entry of a directory that tells the orientation. */
    private static byte[] tiff(int orientation) {
        return ByteBuffer.allocate(26)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put(bytes("II*\0"))
                .putInt(8)
                .putShort((short) 1)
                .putShort((short) 0x112)
                .putShort((short) 3)
                .putInt(1)
                .putInt(orientation)
                .putInt(0)
                .array();
    }

    private static byte[] number(int value, ByteOrder order) {
        return ByteBuffer.allocate(4).order(order).putInt(value).array();
    }

    private static byte[] segment(int marker, byte[] body) {
        return joined(
                ByteBuffer.allocate(4)
                        .put((byte) 0xff)
                        .put((byte) marker)
                        .putShort((short) (body.length + 2))
                        .array(),
                body);
    }

    private static byte[] jpeg(int orientation) {
        return joined(
                bytes("\u00ff\u00d8"),
                segment(0xe0, bytes("JFIF\0 and so on")),
                segment(0xe1, bytes("http://another use of it")),
                segment(0xe1, joined(bytes("Exif\0\0"), tiff(orientation))),
                segment(0xda, bytes("the picture")));
    }

    private static byte[] chunk(String name, byte[] body) {
        return joined(number(body.length, ByteOrder.BIG_ENDIAN), bytes(name), body, new byte[4]);
    }

    private static byte[] png(int orientation) {
        return joined(
                bytes("\u0089PNG\r\n\u001a\n"),
                chunk("IHDR", new byte[13]),
                chunk("eXIf", tiff(orientation)),
                chunk("IEND", new byte[0]));
    }

    private static byte[] webp(int orientation) {
        byte[] odd = bytes("odd");
        return joined(
                bytes("RIFF"),
                new byte[4],
                bytes("WEBP"),
                bytes("VP8 "),
                number(odd.length, ByteOrder.LITTLE_ENDIAN),
                odd,
                new byte[1],
                bytes("EXIF"),
                number(26, ByteOrder.LITTLE_ENDIAN),
                tiff(orientation));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 6, 8})
    void isReadFromEveryKindOfFile(int orientation) {
        Orientation held = Orientation.typeOf(orientation);
        assertThat(HowHeld.of(jpeg(orientation))).contains(held);
        assertThat(HowHeld.of(png(orientation))).contains(held);
        assertThat(HowHeld.of(webp(orientation))).contains(held);
    }

    @Test
    void isNotSaidWhereItIsNotWritten() {
        assertThat(HowHeld.of(joined(bytes("\u00ff\u00d8"), segment(0xda, bytes("the picture")))))
                .isEmpty();
        assertThat(HowHeld.of(joined(bytes("\u0089PNG\r\n\u001a\n"), chunk("IEND", new byte[0]))))
                .isEmpty();
        assertThat(HowHeld.of(bytes("RIFF\0\0\0\0WEBP"))).isEmpty();
    }

    @Test
    void aBrokenFileTellsNothingAndEndsNothing() {
        Random random = new Random(7);
        for (byte[] whole : new byte[][] {jpeg(6), png(6), webp(6)}) {
            for (int length = 1; length < whole.length; length++)
                assertThat(HowHeld.of(Arrays.copyOf(whole, length)))
                        .as("the first " + length + " bytes")
                        .satisfiesAnyOf(
                                held -> assertThat(held).isEmpty(),
                                held -> assertThat(held).contains(Orientation.typeOf(6)));
            for (int times = 0; times < 500; times++) {
                byte[] bad = whole.clone();
                bad[1 + random.nextInt(bad.length - 1)] = (byte) random.nextInt(256);
                // it ends, whatever it says
                assertThat(HowHeld.of(bad)).isNotNull();
            }
        }
    }
}
