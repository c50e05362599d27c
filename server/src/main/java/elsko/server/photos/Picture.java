package elsko.server.photos;

import elsko.core.Refused;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/**
 * A picture by what is in it, whatever it was called. It is drawn anew: where it was taken, with
 * what and by whom stays behind.
 */
final class Picture {
  /** A picture that was scaled on the device is far smaller, bytes. */
  private static final int MOST_BYTES = 4_000_000;

  private static final int MOST_PIXELS_A_SIDE = 6_000;
  private static final int MOST_PIXELS = 25_000_000;
  private static final int LONGER_SIDE = 1_600;
  private static final int SMALL_SIDE = 320;
  private static final Set<String> KINDS = Set.of("jpeg", "png");

  private Picture() {}

  /** The same picture as JPEG and nothing else; refuses what is no JPEG or PNG, or too large. */
  static byte[] cleaned(byte[] sent) {
    if (sent == null || sent.length == 0) {
      throw Refused.value("photo", "There is no picture in it.");
    }
    checkSize(sent.length);
    try {
      ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
      ImageIO.write(scaled(read(sent, LONGER_SIDE), LONGER_SIDE), "jpeg", jpeg);
      return jpeg.toByteArray();
    } catch (IOException | IllegalArgumentException broken) {
      throw Refused.value("photo", "The picture is damaged. Take it again.");
    }
  }

  /** The same picture as it is shown beside a line, as JPEG. */
  static byte[] small(byte[] jpeg) {
    try {
      ByteArrayOutputStream small = new ByteArrayOutputStream();
      ImageIO.write(scaled(read(jpeg, 2 * SMALL_SIDE), SMALL_SIDE), "jpeg", small);
      return small.toByteArray();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** Refuses what is larger than any picture that was scaled. */
  static void checkSize(long bytes) {
    if (bytes > MOST_BYTES) {
      throw Refused.value(
          "photo", "At most 4 MB; the camera's picture is scaled before it is sent.");
    }
  }

  private static BufferedImage read(byte[] sent, int side) throws IOException {
    try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(sent))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      ImageReader reader = readers.hasNext() ? readers.next() : null;
      if (reader == null || !KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
        throw Refused.value("photo", "A photo is a JPEG or PNG picture; this is something else.");
      }
      try {
        reader.setInput(in, true, true);
        return read(reader, side);
      } finally {
        reader.dispose();
      }
    }
  }

  /** Looked at before it is unpacked: a small file may claim a huge picture. */
  private static BufferedImage read(ImageReader reader, int side) throws IOException {
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    if (width > MOST_PIXELS_A_SIDE || height > MOST_PIXELS_A_SIDE) {
      throw Refused.value("photo", "At most 6,000 pixels a side.");
    }
    if ((long) width * height > MOST_PIXELS) {
      throw Refused.value("photo", "At most 25 million pixels.");
    }
    ImageReadParam sampled = reader.getDefaultReadParam();
    // Held whole, one of 16 bits a color would fill the memory of all others.
    int every = Math.max(1, Math.max(width, height) / side);
    sampled.setSourceSubsampling(every, every, 0, 0);
    return reader.read(0, sampled);
  }

  private static BufferedImage scaled(BufferedImage image, int side) {
    double by = Math.min(1, (double) side / Math.max(image.getWidth(), image.getHeight()));
    int width = Math.max(1, (int) Math.round(image.getWidth() * by));
    int height = Math.max(1, (int) Math.round(image.getHeight() * by));
    BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D drawing = plain.createGraphics();
    drawing.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    drawing.drawImage(image, 0, 0, width, height, Color.WHITE, null);
    drawing.dispose();
    return plain;
  }
}
