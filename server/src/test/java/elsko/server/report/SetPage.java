package elsko.server.report;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/**
 * A PDF as somebody reads it.
 *
 * @param outside what is set nearer than 20 points to an edge of its page, or over it
 */
record SetPage(String text, List<String> outside, int pages) {
  private static final float LEAST_EDGE = 20;

  static SetPage of(byte[] pdf) throws IOException {
    List<String> outside = new ArrayList<>();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      PDFTextStripper stripper =
          new PDFTextStripper() {
            @Override
            protected void processTextPosition(TextPosition at) {
              boolean over =
                  at.getXDirAdj() < LEAST_EDGE
                      || at.getXDirAdj() + at.getWidthDirAdj() > at.getPageWidth() - LEAST_EDGE
                      || at.getYDirAdj() < LEAST_EDGE
                      || at.getYDirAdj() > at.getPageHeight() - LEAST_EDGE;
              if (over) {
                outside.add(at.getUnicode());
              }
              super.processTextPosition(at);
            }
          };
      // In the order it was set: a cell of a table stays together.
      String text = stripper.getText(document).replaceAll("\\s+", " ");
      return new SetPage(text, outside, document.getNumberOfPages());
    }
  }
}
