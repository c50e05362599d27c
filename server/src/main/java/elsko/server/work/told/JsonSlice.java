package elsko.server.work.told;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One value within a JSON text without white space, as it is written here. What stands in it is
 * only looked for where it is asked for: most of what is told twice is the same byte for byte.
 *
 * @param from its first byte
 * @param to behind its last
 */
record JsonSlice(byte[] text, int from, int to) {
  static JsonSlice of(byte[] text) {
    return new JsonSlice(text, 0, text.length);
  }

  boolean isSameAs(JsonSlice other) {
    return Arrays.equals(text, from, to, other.text, other.from, other.to);
  }

  boolean isObject() {
    return text[from] == '{';
  }

  boolean isArray() {
    return text[from] == '[';
  }

  byte[] bytes() {
    return Arrays.copyOfRange(text, from, to);
  }

  /** The members of an object, their names as they are written: escapes are left in them. */
  Map<String, JsonSlice> members() {
    Map<String, JsonSlice> members = new LinkedHashMap<>();
    int at = from + 1;
    while (text[at] != '}') {
      int colon = end(at);
      String name = new String(text, at + 1, colon - at - 2, StandardCharsets.UTF_8);
      int end = end(colon + 1);
      members.put(name, new JsonSlice(text, colon + 1, end));
      at = text[end] == ',' ? end + 1 : end;
    }
    return members;
  }

  List<JsonSlice> elements() {
    List<JsonSlice> elements = new ArrayList<>();
    int at = from + 1;
    while (text[at] != ']') {
      int end = end(at);
      elements.add(new JsonSlice(text, at, end));
      at = text[end] == ',' ? end + 1 : end;
    }
    return elements;
  }

  /** Where the value that begins there ends. */
  private int end(int begin) {
    int depth = 0;
    int at = begin;
    while (true) {
      byte one = text[at];
      if (one == '"') {
        at = endOfString(at);
        if (depth == 0) {
          return at;
        }
        continue;
      }
      if (one == '{' || one == '[') {
        depth++;
      } else if (one == '}' || one == ']') {
        if (depth == 0) {
          return at;
        }
        depth--;
        if (depth == 0) {
          return at + 1;
        }
      } else if (one == ',' && depth == 0) {
        return at;
      }
      at++;
      if (at == to) {
        return at;
      }
    }
  }

  private int endOfString(int begin) {
    int at = begin + 1;
    while (text[at] != '"') {
      at += text[at] == '\\' ? 2 : 1;
    }
    return at + 1;
  }
}
