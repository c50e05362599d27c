package elsko.server.archive;

import ch.qos.logback.classic.Level;
import elsko.server.clock.YardClock;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What the launcher's backup and restore do; started without the rest of the application. */
public final class Commands {
  private static final int MISUSED = 2;
  private static final int FAILED = 1;
  private static final int OK = 200;

  private final PrintStream out;

  private Commands(PrintStream out) {
    this.out = out;
  }

  /** "backup FILE DATA" or "restore FILE DATA". */
  public static void main(String[] args) {
    // Whoever types a command wants to read what came of it, not how the database was made.
    if (LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)
        instanceof ch.qos.logback.classic.Logger root) {
      root.setLevel(Level.ERROR);
    }
    System.exit(run(args, System.out));
  }

  static int run(String[] args, PrintStream out) {
    if (args.length != 3) {
      out.println("elsko: say backup or restore, a file and a data folder");
      return MISUSED;
    }
    Path file = Path.of(args[1]).toAbsolutePath();
    Path data = Path.of(args[2]).toAbsolutePath();
    Commands commands = new Commands(out);
    try {
      if (args[0].equals("backup")) {
        commands.backup(file, data);
      } else if (args[0].equals("restore")) {
        commands.restore(file, data);
      } else {
        out.println("elsko: there is no command " + args[0]);
        return MISUSED;
      }
      return 0;
    } catch (ArchiveRefused refused) {
      out.println("elsko: " + refused.getMessage());
    } catch (IOException | SQLException broken) {
      out.println("elsko: it could not be done: " + broken.getMessage());
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      out.println("elsko: stopped");
    }
    return FAILED;
  }

  private void restore(Path file, Path data) throws IOException {
    Manifest made = Restore.into(data, file);
    out.printf(
        "Restored %s as it was at %s: %d tables, %d rows.%n",
        made.yard(), made.madeAt(), made.tables().size(), made.rows());
  }

  private void backup(Path file, Path data) throws IOException, SQLException, InterruptedException {
    if (Files.exists(file)) {
      throw new ArchiveRefused("There is a file %s already.".formatted(file.getFileName()));
    }
    if (!Files.exists(data.resolve(Restore.DATABASE + ".mv.db"))) {
      throw new ArchiveRefused("There is no yard in %s.".formatted(data.getFileName()));
    }
    Path part = file.resolveSibling(file.getFileName() + ".part");
    try {
      if (!askedTheRunningOne(part, data)) {
        readFromDisk(part, data);
      }
      try (ArchiveFile checked = ArchiveFile.open(part, Restore.newestSchema())) {
        Manifest made = checked.manifest();
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
        out.printf(
            "Backed up %s as it was at %s: %d tables, %d rows, checked.%n",
            made.yard(), made.madeAt(), made.tables().size(), made.rows());
      }
    } finally {
      Files.deleteIfExists(part);
    }
  }

  /** Whether one runs on that folder and has answered. */
  private static boolean askedTheRunningOne(Path part, Path data)
      throws IOException, InterruptedException {
    Path control = data.resolve(Control.FILE);
    if (!Files.exists(control)) {
      return false;
    }
    String[] said = Files.readString(control).strip().split(" ");
    HttpRequest request =
        HttpRequest.newBuilder(
                URI.create("http://%s:%s/api/archive/copy".formatted(said[1], said[0])))
            .header(Control.HEADER, said[said.length - 1])
            .POST(HttpRequest.BodyPublishers.noBody())
            .build();
    try {
      HttpResponse<InputStream> answer =
          HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofInputStream());
      try (InputStream in = answer.body()) {
        if (answer.statusCode() != OK) {
          return false;
        }
        Files.copy(in, part, StandardCopyOption.REPLACE_EXISTING);
        return true;
      }
    } catch (ConnectException nobody) {
      return false; // it was killed and left its file behind
    }
  }

  private static void readFromDisk(Path part, Path data) throws IOException, SQLException {
    String url = "jdbc:h2:file:" + data.resolve(Restore.DATABASE);
    try (Connection connection = DriverManager.getConnection(url, "elsko", "");
        OutputStream to = Files.newOutputStream(part)) {
      ArchiveWriter.write(connection, to, YardClock.ofTheMachine().instant());
    }
  }
}
