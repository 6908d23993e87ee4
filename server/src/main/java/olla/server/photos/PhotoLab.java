package olla.server.photos;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import olla.core.messages.Message;
import olla.core.messages.Refusal;
import olla.core.messages.RefusedInput;

/**
 * Makes a stored picture of a camera's: turned upright, no side longer than 1600 pixels, encoded anew as JPEG, so that
 * neither what the camera wrote beside the picture (place, time, device) nor anything hidden in the file goes further.
 */
public final class PhotoLab {

    /** The largest file that is looked at, bytes. */
    static final int MOST_BYTES = 12 * 1024 * 1024;

    private static final long MOST_PIXELS = 60_000_000;
    private static final int LONGEST_SIDE = 1600;
    private static final int SMALL_SIDE = 240;
    private static final double QUALITY = 0.85;
    private static final Set<String> KINDS = Set.of("JPEG", "png");

    private PhotoLab() {}

    /**
     * Develops a picture.
     *
     * @param file a JPEG or PNG file
     * @return JPEG without metadata
     * @throws olla.core.messages.RefusedInput where it is none, or too large
     */
    static byte[] develop(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw refused("refusal.photo-too-large", "megabytes", MOST_BYTES / 1024 / 1024);
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw refused();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return developed(reader, turned(file));
            } finally {
                reader.dispose();
            }
        } catch (RefusedInput said) {
            throw said;
        } catch (IOException | RuntimeException unreadable) {
            throw refused();
        }
    }

    /** Whether a picture is as they come from here. */
    public static boolean asKept(byte[] jpeg) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(jpeg))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return false;
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return reader.getFormatName().equals("JPEG")
                        && reader.getWidth(0) <= LONGEST_SIDE
                        && reader.getHeight(0) <= LONGEST_SIDE;
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException unreadable) {
            return false;
        }
    }

    private static byte[] developed(ImageReader reader, Orientation camera) throws IOException {
        if (!KINDS.contains(reader.getFormatName())) {
            throw refused();
        }
        // A small file can unpack to a huge picture: its header says so.
        if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
            throw refused("refusal.picture-too-large", "millions", MOST_PIXELS / 1_000_000);
        }
        // Lines that are not needed are never kept: what is held is a small picture, however large or deep the file's
        // is.
        int every = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / LONGEST_SIDE);
        ImageReadParam thinned = reader.getDefaultReadParam();
        thinned.setSourceSubsampling(every, every, 0, 0);
        BufferedImage bare = reader.read(0, thinned);
        // Turned upright and small, then written from the bare pixels.
        BufferedImage upright = Thumbnails.of(bare)
                .scale(shrunk(bare, LONGEST_SIDE))
                .addFilter(ExifFilterUtils.getFilterForOrientation(camera == null ? Orientation.TOP_LEFT : camera))
                .imageType(BufferedImage.TYPE_INT_RGB)
                .asBufferedImage();
        return encoded(upright, 1);
    }

    /**
     * A picture of ours again, no side longer than 240 pixels.
     *
     * @param jpeg what {@link #develop} made
     */
    static byte[] small(byte[] jpeg) {
        try {
            BufferedImage whole = ImageIO.read(new ByteArrayInputStream(jpeg));
            return encoded(whole, shrunk(whole, SMALL_SIDE));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /* By how much, so that no side is longer; what is smaller already stays as it is. */
    private static double shrunk(BufferedImage picture, int longestSide) {
        return Math.min(1.0, longestSide / (double) Math.max(picture.getWidth(), picture.getHeight()));
    }

    private static byte[] encoded(BufferedImage picture, double scale) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(picture)
                .scale(scale)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }

    /*
     * How the camera was held, out of the segment that says so: 0xFFE1 beginning with "Exif", before the scan begins at 0xFFDA
     * (published: Exif 2.3, 4.5 and 4.7; from memory). Null where nothing is said. Thumbnailator finds it in a reader's metadata,
     * which is left unread here: a small file can swell them too.
     */
    private static Orientation turned(byte[] jpeg) {
        int at = 2;
        while (at + 4 <= jpeg.length && (jpeg[at] & 0xFF) == 0xFF && (jpeg[at + 1] & 0xFF) != 0xDA) {
            int length = (jpeg[at + 2] & 0xFF) << 8 | jpeg[at + 3] & 0xFF;
            int end = Math.min(jpeg.length, at + 2 + length);
            boolean exif = (jpeg[at + 1] & 0xFF) == 0xE1
                    && end - at > 10
                    && new String(jpeg, at + 4, 4, StandardCharsets.US_ASCII).equals("Exif");
            if (exif) {
                return ExifUtils.getOrientationFromExif(Arrays.copyOfRange(jpeg, at + 4, end));
            }
            at = Math.max(at + 2, end);
        }
        return null;
    }

    private static RefusedInput refused() {
        return refused("refusal.no-picture");
    }

    private static RefusedInput refused(String key, Object... namesAndValues) {
        return new RefusedInput(List.of(new Refusal("photo", Message.of(key, namesAndValues))));
    }
}
