package olla.server.photos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.management.ThreadMXBean;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import olla.core.messages.RefusedInput;
import org.junit.jupiter.api.Test;

/** Pictures are made our own. The EXIF block is laid out as in Exif 2.3, 4.6 (published; from memory). */
class PhotoLabTest {

    private static byte[] file(int width, int height, String format) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                image.setRGB(x, y, (x < width / 2 ? Color.RED : Color.BLUE).getRGB());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** An APP1 segment with one entry, orientation, and a maker's secret behind it. */
    private static byte[] withExif(byte[] jpeg, int orientation) {
        byte[] secret = "SECRET-PLACE".getBytes(StandardCharsets.US_ASCII);
        byte[] exif = {
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        int length = 2 + exif.length + secret.length;
        byte[] all = new byte[jpeg.length + 2 + length];
        all[0] = jpeg[0];
        all[1] = jpeg[1];
        all[2] = (byte) 0xFF;
        all[3] = (byte) 0xE1;
        all[4] = (byte) (length >> 8);
        all[5] = (byte) length;
        System.arraycopy(exif, 0, all, 6, exif.length);
        System.arraycopy(secret, 0, all, 6 + exif.length, secret.length);
        System.arraycopy(jpeg, 2, all, 4 + length, jpeg.length - 2);
        return all;
    }

    private static BufferedImage read(byte[] jpeg) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    @Test
    void aLargePictureIsMadeSmallAndStaysInProportion() throws IOException {
        BufferedImage small = read(PhotoLab.develop(file(3200, 2400, "jpg")));
        assertThat(small.getWidth()).isEqualTo(1600);
        assertThat(small.getHeight()).isEqualTo(1200);
    }

    @Test
    void whatTheCameraWroteIsGoneAndThePictureUpright() throws IOException {
        byte[] camera = withExif(file(400, 200, "jpg"), 6);
        assertThat(new String(camera, StandardCharsets.ISO_8859_1)).contains("SECRET-PLACE", "Exif");
        byte[] ours = PhotoLab.develop(camera);
        assertThat(new String(ours, StandardCharsets.ISO_8859_1)).doesNotContain("SECRET-PLACE", "Exif");
        BufferedImage upright = read(ours);
        // Orientation 6: the top of the picture is on the right of the file; turned clockwise, left comes up.
        assertThat(upright.getHeight()).isGreaterThan(upright.getWidth());
        Color above = new Color(upright.getRGB(upright.getWidth() / 2, upright.getHeight() / 8));
        assertThat(above.getRed()).isGreaterThan(200);
    }

    @Test
    void aPngBecomesAJpeg() throws IOException {
        byte[] ours = PhotoLab.develop(file(120, 80, "png"));
        assertThat(ours[0]).isEqualTo((byte) 0xFF);
        assertThat(ours[1]).isEqualTo((byte) 0xD8);
    }

    @Test
    void whatIsNoPictureIsRefused() throws IOException {
        byte[] cut = Arrays.copyOf(file(400, 200, "png"), 200);
        byte[] other = file(20, 20, "bmp");
        for (byte[] file : new byte[][] {new byte[0], "<svg onload=x>".getBytes(StandardCharsets.UTF_8), cut, other}) {
            assertThatThrownBy(() -> PhotoLab.develop(file)).isInstanceOf(RefusedInput.class);
        }
    }

    /** A PNG header that claims 30 000 by 30 000 pixels: it is not unpacked. */
    @Test
    void aSmallFileThatUnpacksToAHugePictureIsRefused() throws IOException {
        byte[] png = file(10, 10, "png");
        for (int at : new int[] {16, 20}) {
            png[at + 2] = 0x75;
            png[at + 3] = 0x30;
        }
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(png, 12, 17);
        for (int i = 0; i < 4; i++) {
            png[29 + i] = (byte) (crc.getValue() >> (24 - 8 * i));
        }
        assertThatThrownBy(() -> PhotoLab.develop(png))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("refusal.picture-too-large{millions=");
    }

    /** 59 million pixels of one bit in a few kilobytes: it is made small without ever being held whole. */
    @Test
    void aPictureOfManyPixelsAndFewBytesIsNeverHeldWhole() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(7_700, 7_700, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();

        BufferedImage small = read(PhotoLab.develop(out.toByteArray()));

        assertThat(threads.getCurrentThreadAllocatedBytes() - before).isLessThan(120_000_000);
        assertThat(small.getWidth()).isEqualTo(1600);
    }

    /** The small one has the same shape, and one that is small already stays as it is. */
    @Test
    void asSmallAsAListShowsIt() throws IOException {
        BufferedImage small =
                ImageIO.read(new ByteArrayInputStream(PhotoLab.small(PhotoLab.develop(file(1200, 800, "jpg")))));
        assertThat(small.getWidth()).isEqualTo(240);
        assertThat(small.getHeight()).isEqualTo(160);
        assertThat(new Color(small.getRGB(30, 80)).getRed()).isGreaterThan(200);
        BufferedImage tiny =
                ImageIO.read(new ByteArrayInputStream(PhotoLab.small(PhotoLab.develop(file(60, 90, "jpg")))));
        assertThat(tiny.getWidth()).isEqualTo(60);
        assertThat(tiny.getHeight()).isEqualTo(90);
    }
}
