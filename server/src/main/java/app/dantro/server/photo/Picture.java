package app.dantro.server.photo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Makes a small plain picture of what a camera sent: only the pixels pass, so no position and no other data does. */
final class Picture {
    static final int MOST_PIXELS_A_SIDE = 1280;
    /** What a picture may measure before it is opened: more would take too much memory. */
    private static final int MOST_SENT_A_SIDE = 12_000;

    /** So many pixels are opened at once at the most; of a larger picture every second, third … is read. */
    private static final long MOST_OPENED = 4_000_000;

    private static final Set<String> TAKEN = Set.of("JPEG", "png");

    private Picture() {}

    /**
     * The same picture as JPEG, at most {@link #MOST_PIXELS_A_SIDE} a side.
     *
     * @throws IllegalArgumentException if it is no picture, or far too large a one
     */
    static byte[] plain(byte[] sent) {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                throw new IllegalArgumentException("This is not a picture. Send a JPEG or PNG.");
            }
            ImageReader reader = readers.next();
            try {
                if (!TAKEN.contains(reader.getFormatName())) {
                    throw new IllegalArgumentException("This is a picture of another kind (%s). Send a JPEG or PNG."
                            .formatted(reader.getFormatName()));
                }
                reader.setInput(stream, true, true);
                int side = Math.max(reader.getWidth(0), reader.getHeight(0));
                if (side > MOST_SENT_A_SIDE) {
                    throw new IllegalArgumentException("The picture measures (%d) pixels a side; at most %d are taken."
                            .formatted(side, MOST_SENT_A_SIDE));
                }
                return jpeg(scaled(reader.read(0, sparse(reader))));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException e) {
            throw new IllegalArgumentException("This picture cannot be read. Send a JPEG or PNG.", e);
        }
    }

    /** Opens no more pixels than memory is set aside for. */
    private static ImageReadParam sparse(ImageReader reader) throws IOException {
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        int step = (int) Math.ceil(Math.sqrt((double) pixels / MOST_OPENED));
        ImageReadParam param = reader.getDefaultReadParam();
        param.setSourceSubsampling(Math.max(1, step), Math.max(1, step), 0, 0);
        return param;
    }

    private static BufferedImage scaled(BufferedImage image) {
        double scale = Math.min(1, MOST_PIXELS_A_SIDE / (double) Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = plain.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, 0, 0, width, height, Color.WHITE, null);
        pen.dispose();
        return plain;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", bytes);
        return bytes.toByteArray();
    }
}
