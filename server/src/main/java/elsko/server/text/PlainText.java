package elsko.server.text;

/** Takes out of text what cannot be seen in it and does something all the same. */
public final class PlainText {
  private PlainText() {}

  /**
   * Without control characters and marks of direction; ends of lines and tabs stay.
   *
   * @param typed anything
   */
  public static String of(String typed) {
    if (typed.codePoints().noneMatch(PlainText::isOut)) {
      return typed;
    }
    StringBuilder plain = new StringBuilder(typed.length());
    typed.codePoints().filter(point -> !isOut(point)).forEach(plain::appendCodePoint);
    return plain.toString();
  }

  private static boolean isOut(int point) {
    if (point == '\n' || point == '\t') {
      return false;
    }
    return Character.getType(point) == Character.CONTROL
        || point == 0x061C
        || point == 0x200B
        || point == 0x200E
        || point == 0x200F
        || point >= 0x2028 && point <= 0x202E
        || point >= 0x2060 && point <= 0x206F
        || point == 0xFEFF
        || point >= 0xFFF9 && point <= 0xFFFB
        || point >= 0xE0000 && point <= 0xE007F
        || point >= 0xD800 && point <= 0xDFFF;
  }
}
