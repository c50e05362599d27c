package elsko.bench;

import java.io.BufferedOutputStream;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** Makes a yard's archive as large as years would make it: its entries again, of every boat. */
final class GrownArchive {
  private static final String LOG = "tables/entry.jsonl";
  private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
  private static final List<String> PEOPLE = List.of("Orrin", "Tamsa", "Brisk", "coordinator");

  private GrownArchive() {}

  /**
   * Writes it.
   *
   * @param entries in all, spread over the boats and over five years
   */
  static void write(Path small, Path grown, int entries) throws IOException {
    try (ZipFile in = new ZipFile(small.toFile());
        ZipOutputStream out =
            new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(grown)))) {
      out.setLevel(Deflater.BEST_SPEED);
      Enumeration<? extends ZipEntry> files = in.entries();
      String manifest = "";
      while (files.hasMoreElements()) {
        ZipEntry file = files.nextElement();
        if (file.getName().equals("manifest.json")) {
          manifest = new String(in.getInputStream(file).readAllBytes(), StandardCharsets.UTF_8);
        } else if (!file.getName().equals(LOG)) {
          out.putNextEntry(new ZipEntry(file.getName()));
          in.getInputStream(file).transferTo(out);
        }
      }
      out.putNextEntry(new ZipEntry(LOG));
      String said = log(lines(in, LOG), ids(lines(in, "tables/boat.jsonl")), entries, out);
      out.putNextEntry(new ZipEntry("manifest.json"));
      out.write(
          manifest
              .replaceAll(
                  "(?s)(\"name\" : \"entry\".*?)\"rows\" : \\d+,\\s*\"bytes\" : \\d+,\\s*\"sha256\" : \"[0-9a-f]+\"",
                  "$1" + said)
              .getBytes(StandardCharsets.UTF_8));
    }
  }

  private static List<String> lines(ZipFile zip, String name) throws IOException {
    try (BufferedReader reader =
        new BufferedReader(
            new InputStreamReader(
                zip.getInputStream(zip.getEntry(name)), StandardCharsets.UTF_8))) {
      return reader.lines().toList();
    }
  }

  private static List<String> ids(List<String> boats) {
    List<String> ids = new ArrayList<>();
    for (String boat : boats) {
      Matcher id = ID.matcher(boat);
      if (id.find()) {
        ids.add(id.group(1));
      }
    }
    return ids;
  }

  private static String log(
      List<String> patterns, List<String> boats, int entries, OutputStream out) throws IOException {
    MessageDigest digest = sha256();
    long bytes = 0;
    Instant first = Instant.now().minus(Duration.ofDays(5 * 365));
    Duration step = Duration.ofDays(5 * 365).dividedBy(entries);
    List<String> blank = patterns.stream().map(GrownArchive::blank).toList();
    for (int i = 0; i < entries; i++) {
      String at = first.plus(step.multipliedBy(i)).toString();
      String line =
          blank
                  .get(i % blank.size())
                  .replace("@seq", String.valueOf(i + 1))
                  .replace("@id", UUID.randomUUID().toString())
                  .replace("@boat", boats.get((int) ((i * 7919L) % boats.size())))
                  .replace("@person", PEOPLE.get(i % 7 % PEOPLE.size()))
                  .replace("@at", at)
              + "\n";
      byte[] written = line.getBytes(StandardCharsets.UTF_8);
      digest.update(written);
      bytes += written.length;
      out.write(written);
    }
    return "\"rows\" : %d,\n    \"bytes\" : %d,\n    \"sha256\" : \"%s\""
        .formatted(entries, bytes, HexFormat.of().formatHex(digest.digest()));
  }

  private static String blank(String line) {
    return line.replaceFirst("\"seq\":\\d+", "\"seq\":@seq")
        .replaceFirst("\"id\":\"[^\"]*\"", "\"id\":\"@id\"")
        .replaceFirst("\"boat_id\":\"[^\"]*\"", "\"boat_id\":\"@boat\"")
        .replaceFirst("\"person\":\"[^\"]*\"", "\"person\":\"@person\"")
        .replaceFirst("\"device_time\":\"[^\"]*\"", "\"device_time\":\"@at\"")
        .replaceFirst("\"server_time\":\"[^\"]*\"", "\"server_time\":\"@at\"");
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException missing) {
      throw new IllegalStateException(missing);
    }
  }
}
