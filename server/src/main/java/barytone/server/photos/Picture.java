package barytone.server.photos;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.OutOfRangeException;
import com.twelvemonkeys.imageio.plugins.webp.WebPImageReaderSpi;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.MemoryCacheImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import org.apache.commons.codec.digest.DigestUtils;

/**
 * A photo as it is kept: upright, at most 2048 pixels long, as JPEG with nothing of the camera in it, neither position nor serial number, and a small one for lists.
 *
 * @param hash SHA-256 of the picture: equal pictures are the same one
 */
record Picture(String hash, int width, int height, byte[] picture, byte[] thumbnail) {
    private static final int LONGEST = 2048;
    private static final int SMALL = 320;
    private static final double QUALITY = 0.85;

    /** A small file may claim to be larger than the memory. */
    private static final long MOST_PIXELS = 120_000_000;

    private static final String JPEG = "\u00ff\u00d8\u00ff";

    private static final String ALLOWED = "a JPEG, PNG or WebP picture of up to 20 MB";

    /**
     * A photo from a file.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it is no picture of a kind that can be read, or broken
     */
    static Picture of(byte[] file) {
        BufferedImage upright = read(file);
        try {
            byte[] large = jpeg(upright, LONGEST);
            BufferedImage kept = Thumbnails.of(upright)
                    .size(fit(upright, LONGEST), fit(upright, LONGEST))
                    .asBufferedImage();
            return new Picture(
                    DigestUtils.sha256Hex(large), kept.getWidth(), kept.getHeight(), large, jpeg(upright, SMALL));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * A picture that was kept elsewhere, as it is; only the small one is made anew.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it is none
     */
    static Picture asKept(byte[] file) {
        BufferedImage image = read(file);
        if (!begins(file, 0, JPEG) || Math.max(image.getWidth(), image.getHeight()) > LONGEST) return of(file);
        try {
            return new Picture(
                    DigestUtils.sha256Hex(file), image.getWidth(), image.getHeight(), file, jpeg(image, SMALL));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static BufferedImage read(byte[] file) {
        ImageReader reader = reader(file);
        try (MemoryCacheImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if ((long) width * height > MOST_PIXELS)
                throw Allowed.broken(
                        "photo",
                        width + " x " + height + " pixels",
                        "at most " + MOST_PIXELS / 1_000_000 + " million pixels");
            ImageReadParam coarser = reader.getDefaultReadParam();
            int step = Math.max(1, Math.max(width, height) / (2 * LONGEST));
            coarser.setSourceSubsampling(step, step, 0, 0);
            BufferedImage plain = onWhite(reader.read(0, coarser));
            return turned(plain, file);
        } catch (IOException | RuntimeException e) {
            if (e instanceof OutOfRangeException said) throw said;
            throw Allowed.broken("photo", "a file that is broken", ALLOWED);
        } finally {
            reader.dispose();
        }
    }

    /** By what the file begins with, whatever its name says. */
    private static ImageReader reader(byte[] file) {
        if (begins(file, 0, JPEG))
            return ImageIO.getImageReadersByFormatName("jpeg").next();
        if (begins(file, 0, "\u0089PNG"))
            return ImageIO.getImageReadersByFormatName("png").next();
        if (begins(file, 0, "RIFF") && begins(file, 8, "WEBP"))
            return new WebPImageReaderSpi().createReaderInstance(null);
        throw Allowed.broken("photo", file.length == 0 ? "nothing" : "a file of another kind", ALLOWED);
    }

    private static boolean begins(byte[] file, int at, String with) {
        byte[] wanted = with.getBytes(StandardCharsets.ISO_8859_1);
        if (file.length < at + wanted.length) return false;
        for (int i = 0; i < wanted.length; i++) if (file[at + i] != wanted[i]) return false;
        return true;
    }

    /** What shows through becomes white. */
    private static BufferedImage onWhite(BufferedImage read) {
        BufferedImage plain = new BufferedImage(read.getWidth(), read.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D to = plain.createGraphics();
        to.drawImage(read, 0, 0, Color.WHITE, null);
        to.dispose();
        return plain;
    }

    /** As the camera was held. */
    private static BufferedImage turned(BufferedImage plain, byte[] file) {
        return HowHeld.of(file)
                .map(held -> ExifFilterUtils.getFilterForOrientation(held).apply(plain))
                .orElse(plain);
    }

    private static int fit(BufferedImage image, int longest) {
        return Math.min(longest, Math.max(image.getWidth(), image.getHeight()));
    }

    private static byte[] jpeg(BufferedImage image, int longest) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int fit = fit(image, longest);
        Thumbnails.of(image)
                .size(fit, fit)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }
}
