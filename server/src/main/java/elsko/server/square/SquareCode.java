package elsko.server.square;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A square code, without the quiet edge around it.
 *
 * @param dark by row and column
 */
public record SquareCode(boolean[][] dark) {
  /** The code of an address. */
  public static SquareCode of(String address) {
    try {
      BitMatrix bits =
          new QRCodeWriter()
              .encode(
                  address,
                  BarcodeFormat.QR_CODE,
                  0,
                  0,
                  Map.of(
                      EncodeHintType.ERROR_CORRECTION,
                      ErrorCorrectionLevel.M,
                      EncodeHintType.MARGIN,
                      0));
      boolean[][] dark = new boolean[bits.getHeight()][bits.getWidth()];
      for (int row = 0; row < dark.length; row++) {
        for (int column = 0; column < dark.length; column++) {
          dark[row][column] = bits.get(column, row);
        }
      }
      return new SquareCode(dark);
    } catch (WriterException tooLong) {
      throw new IllegalArgumentException(tooLong);
    }
  }

  public int size() {
    return dark.length;
  }

  /** As the path of a drawing in which each cell is one unit wide. */
  public String path() {
    StringBuilder path = new StringBuilder();
    for (int row = 0; row < dark.length; row++) {
      int column = 0;
      while (column < dark.length) {
        int from = column;
        while (column < dark.length && dark[row][column]) {
          column++;
        }
        if (column > from) {
          path.append("M%d %dh%dv1H%dz".formatted(from, row, column - from, from));
        } else {
          column++;
        }
      }
    }
    return path.toString();
  }
}
