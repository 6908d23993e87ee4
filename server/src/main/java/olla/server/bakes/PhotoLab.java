package olla.server.bakes;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import olla.core.units.Refusal;
import olla.core.units.RefusedInput;

/**
 * Makes a stored picture of a camera's: turned upright, no side longer than 1600 pixels, encoded anew as JPEG, so that
 * neither what the camera wrote beside the picture (place, time, device) nor anything hidden in the file goes further.
 */
final class PhotoLab {

    /** The largest file that is looked at, bytes. */
    static final int MOST_BYTES = 12 * 1024 * 1024;

    private static final long MOST_PIXELS = 60_000_000;
    private static final int LONGEST_SIDE = 1600;
    private static final double QUALITY = 0.85;
    private static final Set<String> KINDS = Set.of("JPEG", "png");

    private PhotoLab() {}

    /**
     * Develops a picture.
     *
     * @param file a JPEG or PNG file
     * @return JPEG without metadata
     * @throws olla.core.units.RefusedInput where it is none, or too large
     */
    static byte[] develop(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw refused("A photo has at most " + MOST_BYTES / 1024 / 1024 + " MB.");
        }
        checkSize(file);
        try {
            // Read upright and small; written from the bare pixels.
            BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(file))
                    .size(LONGEST_SIDE, LONGEST_SIDE)
                    .useExifOrientation(true)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Thumbnails.of(upright)
                    .scale(1)
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toOutputStream(out);
            return out.toByteArray();
        } catch (IOException | RuntimeException unreadable) {
            throw refused();
        }
    }

    /* A small file can unpack to a huge picture: its header says so. */
    private static void checkSize(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw refused();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                if (!KINDS.contains(reader.getFormatName())) {
                    throw refused();
                }
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw refused("A photo has at most " + MOST_PIXELS / 1_000_000 + " million pixels.");
                }
            } finally {
                reader.dispose();
            }
        } catch (IOException broken) {
            throw refused();
        }
    }

    private static RefusedInput refused() {
        return refused("This is no JPEG or PNG picture that can be read.");
    }

    private static RefusedInput refused(String why) {
        return new RefusedInput(List.of(new Refusal("photo", why)));
    }
}
