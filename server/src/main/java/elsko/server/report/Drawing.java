package elsko.server.report;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.jspecify.annotations.Nullable;

/**
 * What is drawn on a page, x from its edge and so far down from where its text has come to. Lengths
 * are points.
 */
record Drawing(
    PDDocument document,
    PDPageContentStream page,
    float edge,
    float y,
    Typeface text,
    Typeface bold) {
  /** Half the side of a number's square. */
  static final float MARK = 8;

  private static final float NUMBER = 9.5f;
  private static final float SMALL = 7.5f;

  /** A line of water through points: x from the edge, y from here down, in turn. */
  void pipe(float[] points) throws IOException {
    page.setStrokingColor(Sheet.HAIRLINE);
    page.setLineWidth(5);
    page.setLineJoinStyle(1);
    page.setLineCapStyle(1);
    page.moveTo(edge + points[0], y - points[1]);
    for (int i = 2; i < points.length; i += 2) {
      page.lineTo(edge + points[i], y - points[i + 1]);
    }
    page.stroke();
  }

  /** A number in a dark square with its corners cut, at x from the edge and so far down. */
  void mark(float x, float down, String number) throws IOException {
    float at = edge + x;
    float cut = MARK / 3;
    page.setNonStrokingColor(Sheet.INK);
    page.moveTo(at - MARK + cut, y - down + MARK);
    page.lineTo(at + MARK, y - down + MARK);
    page.lineTo(at + MARK, y - down - MARK + cut);
    page.lineTo(at + MARK - cut, y - down - MARK);
    page.lineTo(at - MARK, y - down - MARK);
    page.lineTo(at - MARK, y - down + MARK - cut);
    page.closePath();
    page.fill();
    float left = at - bold.width(number, NUMBER) / 2;
    line(bold, NUMBER, Color.WHITE, left, y - down - 3.3f, number);
  }

  /** A picture as large as it fits, from here down; an empty frame where there is none. */
  void picture(byte @Nullable [] jpeg, float x, float width, float height) throws IOException {
    if (jpeg == null) {
      page.setStrokingColor(Sheet.HAIRLINE);
      page.setLineWidth(0.6f);
      float wide = Math.min(width, height * 4 / 3);
      page.addRect(edge + x, y - height, wide, height);
      page.stroke();
      line(text, SMALL, Sheet.SOFT, edge + x + 24, y - height / 2, "no picture yet");
      return;
    }
    PDImageXObject image = JPEGFactory.createFromByteArray(document, jpeg);
    float by = Math.min(width / image.getWidth(), height / image.getHeight());
    float high = image.getHeight() * by;
    page.drawImage(image, edge + x, y - high, image.getWidth() * by, high);
  }

  /** A name and, in one line each, as much beneath it as fits in two. */
  void words(float x, float down, float width, String name, String beneath) throws IOException {
    float at = y - down - 8;
    line(bold, SMALL, Sheet.INK, edge + x, at, first(bold, name, width));
    List<String> lines = beneath.isEmpty() ? List.of() : text.lines(beneath, SMALL - 1, width);
    for (String part : lines.subList(0, Math.min(2, lines.size()))) {
      at -= SMALL + 0.5f;
      line(text, SMALL - 1, Sheet.SOFT, edge + x, at, part);
    }
  }

  private static String first(Typeface face, String words, float width) throws IOException {
    return face.lines(words, SMALL, width).get(0);
  }

  private void line(Typeface face, float size, Color color, float x, float at, String words)
      throws IOException {
    Sheet.line(page, face, size, color, x, at, words);
  }
}
