package elsko.server.work.round;

import elsko.server.work.round.ProofRound.Bottle;
import elsko.server.work.round.ProofRound.Stop;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Labels for the bottles of a proof round: three by eight on a sheet of A4. */
final class LabelSheet {
  private static final int ACROSS = 3;
  private static final int DOWN = 8;
  private static final float MM = 72 / 25.4f;
  private static final float WIDTH = PDRectangle.A4.getWidth() / ACROSS;
  private static final float HEIGHT = PDRectangle.A4.getHeight() / DOWN;
  private static final float EDGE = 5 * MM;
  private static final float MARK_SIZE = 22;
  private static final float MARK_ROOM = 24 * MM;

  /** Shipped inside the library that sets the page. */
  private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

  private final PDDocument document;
  private final PDFont font;

  private LabelSheet(PDDocument document) throws IOException {
    this.document = document;
    try (InputStream ttf = PDDocument.class.getResourceAsStream(FONT)) {
      font = PDType0Font.load(document, ttf, true);
    }
  }

  /** The sheets as a PDF; one page that says so when there is nothing to sample. */
  static byte[] pdf(List<Stop> stops, String yard) {
    try (PDDocument document = new PDDocument();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      new LabelSheet(document).fill(stops, yard);
      document.save(out);
      return out.toByteArray();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void fill(List<Stop> stops, String yard) throws IOException {
    document.getDocumentInformation().setTitle("Bottle labels, " + yard);
    int place = 0;
    PDPageContentStream page = newPage();
    for (Stop stop : stops) {
      for (Bottle bottle : stop.bottles()) {
        if (place == ACROSS * DOWN) {
          page.close();
          page = newPage();
          place = 0;
        }
        label(page, place++, stop, bottle, yard);
      }
    }
    if (stops.isEmpty()) {
      line(page, EDGE, PDRectangle.A4.getHeight() - 2 * EDGE, 12, "Nothing waits to be sampled.");
    }
    page.close();
  }

  private PDPageContentStream newPage() throws IOException {
    PDPage page = new PDPage(PDRectangle.A4);
    document.addPage(page);
    return new PDPageContentStream(document, page);
  }

  private void label(PDPageContentStream page, int place, Stop stop, Bottle bottle, String yard)
      throws IOException {
    float x = place % ACROSS * WIDTH;
    float top = PDRectangle.A4.getHeight() - place / ACROSS * HEIGHT;
    page.setLineWidth(0.3f);
    page.setStrokingColor(0.75f);
    page.addRect(x, top - HEIGHT, WIDTH, HEIGHT);
    page.stroke();
    float left = x + EDGE;
    float size = Math.min(MARK_SIZE, MARK_ROOM / width(shown(bottle.mark()), 1));
    line(page, left, top - 11 * MM, size, bottle.mark());
    line(page, left + 26 * MM, top - 8 * MM, 12, stop.boatName());
    line(page, left + 26 * MM, top - 13 * MM, 9, "berth " + stop.berthName());
    line(page, left, top - 20 * MM, 12, bottle.point().name());
    line(page, left, top - 25 * MM, 8, stop.circuitName() + ", lot " + stop.lot());
    line(page, left, top - 32 * MM, 8, "date ____________   by ____________");
    line(page, left, top - 35.5f * MM, 6, yard);
  }

  private void line(PDPageContentStream page, float x, float y, float size, String text)
      throws IOException {
    float room = (float) (Math.floor(x / WIDTH) + 1) * WIDTH - EDGE / 2 - x;
    page.beginText();
    page.setFont(font, size);
    page.newLineAtOffset(x, y);
    page.showText(fitted(text, size, room));
    page.endText();
  }

  /**
   * What the font cannot show becomes a question mark; what is too long is cut with an ellipsis.
   */
  private String fitted(String text, float size, float room) throws IOException {
    StringBuilder shown = new StringBuilder(shown(text));
    if (width(shown.toString(), size) <= room) {
      return shown.toString();
    }
    while (shown.length() > 1 && width(shown + "…", size) > room) {
      shown.deleteCharAt(shown.length() - 1);
    }
    return shown + "…";
  }

  private String shown(String text) {
    StringBuilder shown = new StringBuilder();
    text.codePoints().map(point -> canShow(point) ? point : '?').forEach(shown::appendCodePoint);
    return shown.toString();
  }

  private float width(String text, float size) throws IOException {
    return font.getStringWidth(text) / 1000 * size;
  }

  private boolean canShow(int point) {
    try {
      font.encode(Character.toString(point));
      return !Character.isISOControl(point);
    } catch (IOException | IllegalArgumentException missing) {
      return false;
    }
  }
}
