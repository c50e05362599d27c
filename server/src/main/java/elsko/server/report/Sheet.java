package elsko.server.report;

import elsko.core.Units;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * Sets text and tables from top to bottom, page after page; every page carries the yard's name.
 * Lengths are points.
 */
final class Sheet implements AutoCloseable {
  static final Color INK = new Color(0x14212B);
  static final Color SOFT = new Color(0x55626B);
  static final Color HAIRLINE = new Color(0xB9B3A6);
  private static final Color DANGER = new Color(0xB5402B);
  private static final float FOOT = 46;
  private static final float TAG_EDGE = 38;
  private static final float PAGE_EDGE = 48;
  private static final float TAG_SIZE = 8.2f;
  private static final float PAGE_SIZE = 9.5f;
  private static final float OF_A_LINE = 1.37f;
  private static final float GAP = 10;
  private static final float BOX = 10;

  private final PDDocument document = new PDDocument();
  private final PDRectangle paper;
  private final String yard;
  private final String name;
  private final Typeface text;
  private final Typeface bold;
  private final Typeface stencil;
  private final float edge;
  private final float size;
  private final float leading;
  private PDPageContentStream page;
  private float beside;
  private float y;

  private Sheet(PDRectangle paper, String yard, String name, float edge, float size)
      throws IOException {
    this.paper = paper;
    this.edge = edge;
    this.size = size;
    this.leading = size * OF_A_LINE;
    this.yard = yard;
    this.name = name;
    this.text = Typeface.text(document);
    this.bold = Typeface.bold(document);
    this.stencil = Typeface.stencil(document);
    document.getDocumentInformation().setTitle(name + ", " + yard);
    document.getDocumentInformation().setAuthor(yard);
    turn();
  }

  /**
   * A page to read.
   *
   * @param name what the sheet is, for the foot of each page
   */
  static Sheet page(Units units, String yard, String name) throws IOException {
    return new Sheet(Paper.page(units), yard, name, PAGE_EDGE, PAGE_SIZE);
  }

  /** A tag to hang up: small, with narrow edges. */
  static Sheet tag(Units units, String yard, String name) throws IOException {
    return new Sheet(Paper.tag(units), yard, name, TAG_EDGE, TAG_SIZE);
  }

  /** From edge to edge. */
  float room() {
    return paper.getWidth() - 2 * edge;
  }

  /** Begins a new page. */
  void turn() throws IOException {
    if (page != null) {
      page.close();
    }
    PDPage next = new PDPage(paper);
    document.addPage(next);
    page = new PDPageContentStream(document, next);
    y = paper.getHeight() - edge;
  }

  private void need(float height) throws IOException {
    if (y - height < edge + FOOT / 2) {
      turn();
    }
  }

  /** A new page where there is no room left for so many lines: what belongs together. */
  void together(int lines) throws IOException {
    need(lines * leading);
  }

  /** The name of the yard and, large, what this is about. */
  void title(String large, String small) throws IOException {
    line(stencil, 12, SOFT, edge, y - 12, yard.toUpperCase(java.util.Locale.ROOT));
    y -= 22;
    String title = large.toUpperCase(java.util.Locale.ROOT);
    for (String part : stencil.lines(title, 28, room() - beside)) {
      y -= 28;
      line(stencil, 28, INK, edge, y, part);
    }
    y -= 6;
    if (!small.isEmpty()) {
      paragraph(text, size, SOFT, small);
    }
    // A code may reach deeper than the words beside it.
    y = Math.min(y, paper.getHeight() - edge - beside);
    rule(1.2f, INK);
    y -= GAP;
  }

  void heading(String words) throws IOException {
    need(60);
    y -= GAP;
    line(stencil, 15, INK, edge, y - 12, words);
    y -= 20;
  }

  void text(String words) throws IOException {
    paragraph(text, size, INK, words);
  }

  void soft(String words) throws IOException {
    paragraph(text, size, SOFT, words);
  }

  void danger(String words) throws IOException {
    paragraph(bold, size + 1, DANGER, words);
  }

  /** Large words in a frame, as on a tag. */
  void stamp(String words, float size) throws IOException {
    List<String> lines = stencil.lines(words, size, room() - 20);
    float height = lines.size() * size * 1.15f + 12;
    need(height);
    page.setStrokingColor(DANGER);
    page.setLineWidth(2);
    page.addRect(edge, y - height, room(), height);
    page.stroke();
    float at = y - 4;
    for (String part : lines) {
      at -= size * 1.1f;
      float left = edge + (room() - stencil.width(part, size)) / 2;
      line(stencil, size, DANGER, left, at, part);
    }
    y -= height + GAP;
  }

  private void paragraph(Typeface face, float size, Color color, String words) throws IOException {
    for (String part : face.lines(words, size, room())) {
      need(leading);
      y -= leading;
      line(face, size, color, edge, y + 3, part);
    }
    y -= 3;
  }

  private void rule(float width, Color color) throws IOException {
    page.setStrokingColor(color);
    page.setLineWidth(width);
    page.moveTo(edge, y);
    page.lineTo(paper.getWidth() - edge, y);
    page.stroke();
  }

  /**
   * A table whose rows stay whole; its heads stand again on each page.
   *
   * @param shares how wide the columns are, as parts of the page
   */
  void table(List<Integer> shares, List<String> heads, List<List<String>> rows) throws IOException {
    float[] widths = widths(shares);
    boolean first = true;
    for (List<String> row : rows) {
      List<List<String>> cells = cells(row, widths);
      float height = cells.stream().mapToInt(List::size).max().orElse(1) * leading + 5;
      if (first) {
        // Heads never stand alone at the foot of a page.
        need(Math.min(height, paper.getHeight() / 2) + 3 * leading);
        heads(widths, heads);
        first = false;
      } else if (y - height < edge + FOOT / 2) {
        turn();
        heads(widths, heads);
      }
      float x = edge;
      for (int i = 0; i < cells.size(); i++) {
        lines(i == 0 ? bold : text, x, y, cells.get(i));
        x += widths[i];
      }
      y -= height;
      rule(0.4f, HAIRLINE);
    }
    y -= 4;
  }

  /**
   * Things to be done and ticked by hand: a box, what it is, room to write, and the time.
   *
   * @param rows number and words of each, and what is to be written: "____ °C"
   */
  void toTick(List<List<String>> rows) throws IOException {
    float[] widths = widths(List.of(42, 46, 12));
    for (List<String> row : rows) {
      List<String> what = bold.lines(row.get(0), size, widths[0] - BOX - 12);
      List<String> write = text.lines(row.get(1), size, widths[1] - 10);
      float height = Math.max(what.size(), write.size()) * leading + 9;
      need(height);
      page.setStrokingColor(INK);
      page.setLineWidth(0.9f);
      page.addRect(edge, y - 5 - BOX, BOX, BOX);
      page.stroke();
      lines(bold, edge + BOX + 6, y - 4, what);
      lines(text, edge + widths[0], y - 4, write);
      lines(text, edge + widths[0] + widths[1], y - 4, List.of("___ : ___"));
      y -= height;
      rule(0.4f, HAIRLINE);
    }
    y -= 4;
  }

  private void lines(Typeface face, float x, float from, List<String> words) throws IOException {
    float at = from;
    for (String part : words) {
      at -= leading;
      line(face, size, INK, x, at + 2, part);
    }
  }

  private List<List<String>> cells(List<String> row, float[] widths) throws IOException {
    List<List<String>> cells = new ArrayList<>();
    for (int i = 0; i < row.size(); i++) {
      cells.add((i == 0 ? bold : text).lines(row.get(i), size, widths[i] - 8));
    }
    return cells;
  }

  private float[] widths(List<Integer> shares) {
    float all = shares.stream().mapToInt(Integer::intValue).sum();
    float[] widths = new float[shares.size()];
    for (int i = 0; i < widths.length; i++) {
      widths[i] = room() * shares.get(i) / all;
    }
    return widths;
  }

  private void heads(float[] widths, List<String> heads) throws IOException {
    float x = edge;
    y -= leading;
    for (int i = 0; i < heads.size(); i++) {
      line(text, size - 1, SOFT, x, y + 3, heads.get(i));
      x += widths[i];
    }
    rule(0.8f, INK);
  }

  /** A square code in the upper right corner; the title goes beside it. Comes first. */
  void code(boolean[][] dark, float side) throws IOException {
    float cell = side / dark.length;
    float left = paper.getWidth() - edge - side;
    float top = paper.getHeight() - edge;
    page.setNonStrokingColor(INK);
    for (int row = 0; row < dark.length; row++) {
      for (int column = 0; column < dark.length; column++) {
        if (dark[row][column]) {
          page.addRect(left + column * cell, top - (row + 1) * cell, cell, cell);
        }
      }
    }
    page.fill();
    beside = side + GAP;
  }

  /** How much of this page is left. */
  float left() {
    return y - edge - FOOT / 2;
  }

  void down(float height) {
    y -= height;
  }

  /** The name of what follows, close to it. */
  void stencilled(String words) throws IOException {
    line(stencil, 12, INK, edge, y - 12, words);
    y -= 19;
  }

  /** What is drawn from here down. */
  Drawing here() {
    return new Drawing(document, page, edge, y, text, bold);
  }

  private void line(Typeface face, float size, Color color, float x, float at, String words)
      throws IOException {
    line(page, face, size, color, x, at, words);
  }

  static void line(
      PDPageContentStream page,
      Typeface face,
      float size,
      Color color,
      float x,
      float at,
      String words)
      throws IOException {
    page.beginText();
    page.setNonStrokingColor(color);
    page.setFont(face.font(), size);
    page.newLineAtOffset(x, at);
    page.showText(face.shown(words));
    page.endText();
  }

  /** The finished sheet; nothing can be set after it. */
  byte[] pdf() {
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      page.close();
      page = null;
      int pages = document.getNumberOfPages();
      for (int i = 0; i < pages; i++) {
        try (PDPageContentStream foot =
            new PDPageContentStream(document, document.getPage(i), AppendMode.APPEND, true, true)) {
          page = foot;
          String words = "%s · %s".formatted(yard, name);
          String number = "page %d of %d".formatted(i + 1, pages);
          float room = room() - text.width(number, 8) - GAP;
          line(text, 8, SOFT, edge, edge - 16, text.lines(words, 8, room).get(0));
          float left = paper.getWidth() - edge - text.width(number, 8);
          line(text, 8, SOFT, left, edge - 16, number);
        }
      }
      page = null;
      document.save(out);
      return out.toByteArray();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  @Override
  public void close() throws IOException {
    if (page != null) {
      page.close();
    }
    document.close();
  }
}
