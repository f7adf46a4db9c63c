package barytone.server.photos;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import barytone.server.job.JobsOverHttp;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Photos of an instrument as it came. */
class PhotoApiTest extends JobsOverHttp {
    private static final String SERIAL = "camera number 4711";

    private static byte[] file(int width, int height, String format) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D to = image.createGraphics();
        to.setColor(Color.RED);
        to.fillRect(0, 0, width / 2, height / 2);
        to.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** With what a camera held on its side writes: the orientation, and its own number. */
    private static byte[] onItsSide(byte[] jpeg) {
        byte[] tiff = ("II*\0\10\0\0\0\1\0" + "\u0012\u0001\3\0\1\0\0\0\6\0\0\0" + "\0\0\0\0" + SERIAL)
                .getBytes(StandardCharsets.ISO_8859_1);
        int length = tiff.length + 8;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(Arrays.copyOf(jpeg, 2));
        out.writeBytes(new byte[] {(byte) 0xff, (byte) 0xe1, (byte) (length >> 8), (byte) length});
        out.writeBytes("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1));
        out.writeBytes(tiff);
        out.writeBytes(Arrays.copyOfRange(jpeg, 2, jpeg.length));
        return out.toByteArray();
    }

    private static Answer send(long job, byte[] file, String more) {
        return app().postFile("/api/jobs/" + job + "/photos?key=" + UUID.randomUUID() + more, "image/jpeg", file);
    }

    private static String refused(Answer answer, int status) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        return answer.json().get("detail").asString();
    }

    @Test
    void aPhotoIsKeptUprightSmallerAndWithoutWhatTheCameraWrote() throws IOException {
        long job = electric("Shown");
        byte[] sent = onItsSide(file(3000, 1500, "jpeg"));
        Answer kept = send(job, sent, "&note=bass%20side");
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        JsonNode photo = kept.json().get(0);
        assertThat(photo.get("width").asInt()).isEqualTo(1024);
        assertThat(photo.get("height").asInt()).isEqualTo(2048);
        assertThat(photo.get("note").asString()).isEqualTo("bass side");
        String address = "/api/photos/" + photo.get("picture").asLong();
        byte[] picture = app().bytes(address);
        assertThat(new String(picture, StandardCharsets.ISO_8859_1)).doesNotContain(SERIAL);
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(picture));
        // turned clockwise: what was left above is right above
        assertThat(new Color(read.getRGB(900, 100)).getRed()).isGreaterThan(200);
        assertThat(new Color(read.getRGB(100, 100)).getRed()).isLessThan(50);
        assertThat(ImageIO.read(new ByteArrayInputStream(app().bytes(address + "?small=true")))
                        .getHeight())
                .isEqualTo(320);
    }

    @Test
    void equalPicturesAreKeptOnceAndARequestSentTwiceIsOne() throws IOException {
        long one = electric("Twice");
        long other = electric("Thrice");
        byte[] file = file(300, 200, "png");
        String path = "/api/jobs/" + one + "/photos?key=once";
        app().postFile(path, "image/png", file);
        JsonNode same = app().postFile(path, "image/png", file).json();
        assertThat(same).hasSize(1);
        assertThat(send(other, file, "").json().at("/0/picture").asLong())
                .isEqualTo(same.at("/0/picture").asLong());
        long id = same.at("/0/id").asLong();
        String removed = "/api/jobs/" + one + "/photos/" + id + "/removed";
        assertThat(app().put(removed, "{\"removed\":true}").json()).isEmpty();
        assertThat(app().put(removed, "{\"removed\":false}").json()).hasSize(1);
        assertThat(app().put("/api/jobs/" + other + "/photos/" + id + "/removed", "{\"removed\":true}")
                        .status())
                .isEqualTo(404);
        long instrument = job(one).get("instrumentId").asLong();
        assertThat(app().get("/api/instruments/" + instrument + "/photos").json())
                .hasSize(1);
    }

    @Test
    void whatIsNoPictureIsRefusedWithTheReason() throws IOException {
        long job = electric("False");
        byte[] jpeg = file(400, 300, "jpeg");
        assertThat(refused(send(job, "GIF89a no".getBytes(StandardCharsets.UTF_8), ""), 400))
                .isEqualTo(
                        "photo: given a file of another kind; allowed is a JPEG, PNG or WebP picture of up to 20 MB.");
        assertThat(refused(send(job, new byte[0], ""), 400)).contains("given nothing");
        assertThat(refused(send(job, Arrays.copyOf(jpeg, 30), ""), 400)).contains("a file that is broken");
        assertThat(refused(send(job, new byte[(20 << 20) + 1], ""), 413)).contains("20971520");
        assertThat(refused(send(job, jpeg, "&mark=1"), 400)).contains("a mark that is on the drawing");
        assertThat(send(99_999, jpeg, "").status()).isEqualTo(404);
        assertThat(app().get("/api/jobs/" + job + "/photos").json()).isEmpty();
    }

    @Test
    void webpIsReadToo() {
        long job = electric("Web");
        byte[] one = Base64.getDecoder().decode("UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA==");
        assertThat(send(job, one, "").json().at("/0/width").asInt()).isEqualTo(1);
    }
}
