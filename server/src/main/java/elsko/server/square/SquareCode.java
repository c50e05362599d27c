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
      for (int column = 0; column < dark.length; column++) {
        if (dark[row][column]) {
          path.append("M%d %dh1v1h-1z".formatted(column, row));
        }
      }
    }
    return path.toString();
  }
}
