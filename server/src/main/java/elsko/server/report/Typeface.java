package elsko.server.report;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A font as a page uses it; ships with the application. */
final class Typeface {
  private static final float PER_EM = 1000;

  private final PDFont font;

  private Typeface(PDFont font) {
    this.font = font;
  }

  static Typeface text(PDDocument document) throws IOException {
    return load(document, "AtkinsonHyperlegibleNext_400Regular");
  }

  static Typeface bold(PDDocument document) throws IOException {
    return load(document, "AtkinsonHyperlegibleNext_700Bold");
  }

  static Typeface stencil(PDDocument document) throws IOException {
    return load(document, "BarlowCondensed_600SemiBold");
  }

  private static Typeface load(PDDocument document, String name) throws IOException {
    try (InputStream ttf = Typeface.class.getResourceAsStream("/fonts/" + name + ".ttf")) {
      return new Typeface(PDType0Font.load(document, ttf, true));
    }
  }

  PDFont font() {
    return font;
  }

  float width(String text, float size) throws IOException {
    return font.getStringWidth(shown(text)) / PER_EM * size;
  }

  /** What it cannot show becomes a question mark. */
  String shown(String text) {
    StringBuilder shown = new StringBuilder();
    text.codePoints()
        .map(point -> point == '−' || canShow(point) ? point : '?')
        .map(point -> point == '−' && !canShow(point) ? '–' : point)
        .forEach(shown::appendCodePoint);
    return shown.toString();
  }

  private boolean canShow(int point) {
    try {
      font.encode(Character.toString(point));
      return !Character.isISOControl(point);
    } catch (IOException | IllegalArgumentException missing) {
      return false;
    }
  }

  /**
   * Breaks a text into lines no wider than the room; a word longer than a line is cut in pieces.
   */
  List<String> lines(String text, float size, float room) throws IOException {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.strip().split("\\s+")) {
      String rest = word;
      if (line.length() > 0 && width(line + " " + rest, size) <= room) {
        line.append(' ').append(rest);
        continue;
      }
      if (line.length() > 0) {
        lines.add(line.toString());
        line.setLength(0);
      }
      while (width(rest, size) > room && rest.length() > 1) {
        int fits = fitting(rest, size, room);
        lines.add(rest.substring(0, fits));
        rest = rest.substring(fits);
      }
      line.append(rest);
    }
    lines.add(line.toString());
    return lines;
  }

  private int fitting(String word, float size, float room) throws IOException {
    int fits = 1;
    while (fits < word.length() && width(word.substring(0, fits + 1), size) <= room) {
      fits++;
    }
    // Never between the two halves of one character.
    return fits > 1 && Character.isHighSurrogate(word.charAt(fits - 1)) ? fits - 1 : fits;
  }
}
