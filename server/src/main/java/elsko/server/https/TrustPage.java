package elsko.server.https;

import elsko.server.square.SquareCode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Says how a phone learns to trust this yard, in steps, with a code that brings it there. */
final class TrustPage {
  private TrustPage() {}

  /**
   * @param own where this page is
   * @param yard where it leads
   * @param fingerprint of the authority
   */
  static String of(String own, String yard, String fingerprint) throws IOException {
    SquareCode square = SquareCode.of(own);
    return new String(PlainPort.resource("trust.html"), StandardCharsets.UTF_8)
        .replace("{own}", own)
        .replace("{yard}", yard)
        .replace("{fingerprint}", fingerprint)
        .replace("{view}", "-4 -4 %d %d".formatted(square.size() + 8, square.size() + 8))
        .replace("{square}", square.path());
  }
}
