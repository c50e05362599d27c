package elsko.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * A phone's place: a network namespace of its own, from which this machine is reached by another
 * address. Where none may be made it is this machine, by an address that is not its loopback.
 */
final class OtherPlace implements AutoCloseable {
  private static final String NAME = "elsko" + ProcessHandle.current().pid() % 10_000;
  private static final String HERE = "10.213.77.1";
  private static final String THERE = "10.213.77.2";
  private final boolean apart;

  OtherPlace() {
    apart =
        run("ip", "netns", "add", NAME)
            && run(
                "ip", "link", "add", NAME, "type", "veth", "peer", "name", "there", "netns", NAME)
            && run("ip", "addr", "add", HERE + "/24", "dev", NAME)
            && run("ip", "link", "set", NAME, "up")
            && run("ip", "-n", NAME, "addr", "add", THERE + "/24", "dev", "there")
            && run("ip", "-n", NAME, "link", "set", "there", "up")
            && run("ip", "-n", NAME, "link", "set", "lo", "up")
            && run("ip", "netns", "exec", NAME, "true");
    if (!apart) {
      leave();
    }
  }

  /** Whether it is a place of its own, whose network can be taken away. */
  boolean isApart() {
    return apart;
  }

  /** Takes the network away there; where it is no place apart, from a window alone. */
  void loseSignal(BrowserContext window) {
    if (apart) {
      must("ip", "-n", NAME, "link", "set", "there", "down");
    } else {
      window.setOffline(true);
    }
  }

  /** Where this machine is reached from there. */
  String host() {
    return apart ? HERE : outside();
  }

  private static String outside() {
    try {
      for (NetworkInterface one : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        for (InetAddress address : Collections.list(one.getInetAddresses())) {
          if (!address.isLoopbackAddress() && address.getAddress().length == 4) {
            return address.getHostAddress();
          }
        }
      }
      return "127.0.0.1";
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A browser there, with a home of its own in which one authority is trusted. */
  Path browser(Path home, Path authority) {
    Path store = home.resolve(".pki/nssdb");
    try {
      Files.createDirectories(store);
      must("certutil", "-d", "sql:" + store, "-N", "--empty-password");
      must(
          "certutil",
          "-d",
          "sql:" + store,
          "-A",
          "-t",
          "C,,",
          "-n",
          "yard",
          "-i",
          authority.toString());
      Path script = home.resolve("browser");
      String inside = apart ? "ip netns exec " + NAME + " " : "";
      Files.writeString(
          script,
          "#!/bin/sh\nHOME=%s exec %s%s \"$@\"\n".formatted(home, inside, Chromium.whole()));
      Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwx------"));
      return script;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Whether a browser can be taught whom to trust here. */
  static boolean canBeTaught() {
    return run("certutil", "-H") || Files.exists(Path.of("/usr/bin/certutil"));
  }

  @Override
  public void close() {
    leave();
  }

  /** What was made of it, all or in part. */
  private static void leave() {
    run("ip", "link", "del", NAME);
    run("ip", "netns", "del", NAME);
  }

  private static void must(String... command) {
    assertThat(run(command)).as(String.join(" ", command)).isTrue();
  }

  private static boolean run(String... command) {
    try {
      Process process =
          new ProcessBuilder(new ArrayList<>(List.of(command)))
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start();
      return process.waitFor(30, TimeUnit.SECONDS) && process.exitValue() == 0;
    } catch (IOException missing) {
      return false;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
