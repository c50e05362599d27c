package elsko.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.server.RunningElsko;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The whole yard out into a file and in again, and every file that is refused. */
@ExtendWith(RunningElsko.class)
class ArchiveTest {
  @TempDir Path folder;
  private Path archive;

  @BeforeEach
  void write() throws Exception {
    archive = folder.resolve("yard.zip");
    try (Connection connection = RunningElsko.bean(DataSource.class).getConnection();
        OutputStream out = Files.newOutputStream(archive)) {
      ArchiveWriter.write(connection, out, Instant.parse("2031-11-02T08:00:00Z"));
    }
  }

  private Path restored() throws IOException {
    Path data = folder.resolve("new");
    Restore.into(data, archive);
    return data;
  }

  private byte[] again(Path data) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Connection connection =
        DriverManager.getConnection("jdbc:h2:file:" + data.resolve("elsko"), "elsko", "")) {
      ArchiveWriter.write(connection, out, Instant.parse("2031-11-02T08:00:00Z"));
    }
    return out.toByteArray();
  }

  @Test
  void outInAndOutAgainIsTheSameFile() throws Exception {
    assertThat(again(restored())).isEqualTo(Files.readAllBytes(archive));
  }

  @Test
  void itsRowsCanBeReadByAnybody() throws Exception {
    try (ArchiveFile file = ArchiveFile.open(archive, Restore.newestSchema());
        var in =
            file.read(
                file.manifest().tables().stream()
                    .filter(table -> table.name().equals("entry"))
                    .findFirst()
                    .orElseThrow())) {
      String first =
          new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().findFirst().get();
      var row = RunningElsko.JSON.readTree(first);
      assertThat(row.path("id").asString()).matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
      assertThat(Instant.parse(row.path("server_time").asString())).isNotNull();
      assertThat(row.path("seq").isIntegralNumber()).isTrue();
      assertThat(RunningElsko.JSON.readTree(row.path("fact").asString()).isObject()).isTrue();
    }
  }

  @Test
  void whatIsRestoredIsGoneOnWith() throws Exception {
    Path data = restored();
    try (Connection connection =
            DriverManager.getConnection("jdbc:h2:file:" + data.resolve("elsko"), "elsko", "");
        var sql = connection.createStatement()) {
      sql.execute(
          "insert into entry (id, boat_id, person, kind, fact, fingerprint, device_time, server_time)"
              + " select random_uuid(), id, 'x', 'NOTED', '{}', 'f', now(), now() from boat limit 1");
      try (var found = sql.executeQuery("select count(*), max(seq) from entry")) {
        found.next();
        assertThat(found.getLong(2)).isGreaterThanOrEqualTo(found.getLong(1));
      }
    }
  }

  @Test
  void aFolderWithSomethingInItIsLeftAlone() throws Exception {
    Path data = Files.createDirectory(folder.resolve("used"));
    Files.writeString(data.resolve("elsko.mv.db"), "somebody's yard");
    assertThatThrownBy(() -> Restore.into(data, archive))
        .isInstanceOf(ArchiveRefused.class)
        .hasMessageContaining("not empty");
    assertThat(data.resolve("elsko.mv.db")).hasContent("somebody's yard");
  }

  private void refused(byte[] file, String reason) throws IOException {
    Path bad = folder.resolve("bad.zip");
    Files.write(bad, file);
    Path data = folder.resolve("never");
    assertThatThrownBy(() -> Restore.into(data, bad))
        .isInstanceOf(ArchiveRefused.class)
        .hasMessageContaining(reason);
    assertThat(data).doesNotExist();
    try (var left = Files.list(folder)) {
      assertThat(left.map(path -> path.getFileName().toString()))
          .containsExactlyInAnyOrder("yard.zip", "bad.zip");
    }
  }

  /** The archive with its files changed. */
  private byte[] changed(UnaryOperator<Map<String, byte[]>> change) throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream in =
        new ZipInputStream(new ByteArrayInputStream(Files.readAllBytes(archive)))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        files.put(entry.getName(), in.readAllBytes());
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> file : change.apply(files).entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    return out.toByteArray();
  }

  private byte[] manifestSays(String instead, String of) throws IOException {
    return changed(
        files -> {
          String manifest = new String(files.get("manifest.json"), StandardCharsets.UTF_8);
          assertThat(manifest).contains(of);
          files.put(
              "manifest.json", manifest.replace(of, instead).getBytes(StandardCharsets.UTF_8));
          return files;
        });
  }

  @Test
  void whatIsTruncatedForeignOrNewerIsRefusedAndLeavesNothing() throws Exception {
    byte[] whole = Files.readAllBytes(archive);
    refused(Arrays.copyOf(whole, whole.length / 2), "only a part");
    refused("name;berth\nTeal;C3".getBytes(StandardCharsets.UTF_8), "not an archive");
    refused(
        changed(
            files -> {
              files.remove("manifest.json");
              return files;
            }),
        "no manifest");
    refused(manifestSays("other-archive", "elsko-archive"), "something else");
    refused(
        manifestSays("\"schema\" : \"999\"", "\"schema\" : \"" + Restore.newestSchema() + "\""),
        "newer version");
    refused(manifestSays("\"version\" : 7", "\"version\" : 1"), "newer version");
    refused(
        changed(
            files -> {
              files.put("manifest.json", "{".getBytes(StandardCharsets.UTF_8));
              return files;
            }),
        "cannot be read");
  }

  @Test
  void whatIsDamagedOrAddedIsRefused() throws Exception {
    refused(
        changed(
            files -> {
              byte[] boats = files.get("tables/boat.jsonl");
              boats[boats.length / 2] ^= 1;
              return files;
            }),
        "boat is not what its manifest says");
    refused(
        changed(
            files -> {
              files.remove("tables/lot.jsonl");
              return files;
            }),
        "lot is missing");
    refused(
        changed(
            files -> {
              files.put("../outside.txt", new byte[] {1});
              return files;
            }),
        "does not belong there");
    refused(
        changed(
            files -> {
              files.put("tables/boat.jsonl", new byte[200_000_000]);
              return files;
            }),
        "boat");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "update person set role = 'SUPERUSER' where role = 'VIEWER' | role \"SUPERUSER\" that means",
        "update entry set kind = 'NONSENSE' where seq = (select max(seq) from entry)"
            + " | kind \"NONSENSE\" that means",
        "update entry set fact = '[7]' where seq = (select min(seq) from entry) | cannot be read as",
        "update boat set description = '{\"name\":\"\"}' | cannot be written out"
      })
  void whatMeansNothingIsRefused(String change, String reason) throws Exception {
    Path data = restored();
    try (Connection connection =
            DriverManager.getConnection("jdbc:h2:file:" + data.resolve("elsko"), "elsko", "");
        Statement sql = connection.createStatement()) {
      assertThat(sql.executeUpdate(change)).isPositive();
    }
    byte[] strange = again(data);
    Path bad = folder.resolve("strange.zip");
    Files.write(bad, strange);
    assertThatThrownBy(() -> Restore.into(folder.resolve("never"), bad))
        .isInstanceOf(ArchiveRefused.class)
        .hasMessageContaining(reason);
    assertThat(folder.resolve("never")).doesNotExist();
  }

  @Test
  void aTableThatIsNotInItIsMissed() throws Exception {
    refused(
        changed(
            files -> {
              String manifest = new String(files.get("manifest.json"), StandardCharsets.UTF_8);
              String without =
                  manifest.replaceFirst("\\{[^{}]*\"name\" : \"lot\"[^{}]*\\},\\s*", "");
              assertThat(without).isNotEqualTo(manifest);
              files.put("manifest.json", without.getBytes(StandardCharsets.UTF_8));
              files.remove("tables/lot.jsonl");
              return files;
            }),
        "lot is missing");
  }

  @Test
  void aBombIsNotUnpacked() throws Exception {
    refused(manifestSays("\"bytes\" : 7000000000", "\"bytes\" : " + bytesOf("yard")), "far more");
  }

  private long bytesOf(String table) throws IOException {
    try (ArchiveFile file = ArchiveFile.open(archive, Restore.newestSchema())) {
      return file.manifest().tables().stream()
          .filter(one -> one.name().equals(table))
          .findFirst()
          .orElseThrow()
          .bytes();
    }
  }
}
