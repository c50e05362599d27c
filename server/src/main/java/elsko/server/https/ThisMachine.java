package elsko.server.https;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;

/** Whether somebody is on this machine itself. */
public final class ThisMachine {
  private ThisMachine() {}

  /** By where a request comes from: its loopback, or an address of its own. */
  public static boolean is(String address) {
    try {
      InetAddress from = InetAddress.getByName(address);
      return from.isLoopbackAddress() || NetworkInterface.getByInetAddress(from) != null;
    } catch (UnknownHostException | SocketException foreign) {
      return false;
    }
  }
}
