package elsko.server.https;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;

/**
 * Every name and address under which this machine is reached.
 *
 * @param names in lower case
 * @param addresses without a zone
 */
record MachineNames(List<String> names, List<String> addresses) {
  MachineNames {
    names = List.copyOf(new TreeSet<>(names));
    addresses = List.copyOf(new TreeSet<>(addresses));
  }

  /** As it is now. */
  static MachineNames now() {
    TreeSet<String> names = new TreeSet<>(List.of("localhost"));
    TreeSet<String> addresses = new TreeSet<>(List.of("127.0.0.1", "0:0:0:0:0:0:0:1"));
    try {
      String host = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
      if (host.matches("[a-z0-9]([a-z0-9.-]*[a-z0-9])?") && !host.matches("[0-9.]+")) {
        names.add(host);
        if (!host.contains(".")) {
          names.add(host + ".local");
        }
      }
    } catch (UnknownHostException nameless) {
      // It is reached by its addresses.
    }
    try {
      for (NetworkInterface one : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        for (InetAddress address : Collections.list(one.getInetAddresses())) {
          addresses.add(address.getHostAddress().replaceAll("%.*", ""));
        }
      }
    } catch (SocketException none) {
      // It is reached from itself alone.
    }
    return new MachineNames(List.copyOf(names), List.copyOf(addresses));
  }

  /** Where others on its networks reach it: no address that means only itself. */
  List<String> fromOutside() {
    return addresses.stream()
        .filter(address -> !address.startsWith("127.") && !address.contains(":"))
        .toList();
  }
}
