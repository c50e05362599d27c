package elsko.server.bench.device;

import elsko.core.Refused;
import java.io.IOException;

/** Asks a digital refractometer what is on its prism, over any line that speaks its telegrams. */
public final class Refractometer {
  private final SerialLine line;

  public Refractometer(SerialLine line) {
    this.line = line;
  }

  /** What it shows, in units of its scale, and how warm the sample is. */
  public record Shown(double reading, double temperatureC) {}

  /** Reads the sample. Refuses when the device says it cannot, or says nothing. */
  public synchronized Shown read() {
    try {
      Telegram.send(line.out(), "READ");
      String answer = Telegram.receive(line.in());
      if (answer == null) {
        throw Refused.state("instrument", "The instrument does not answer. Is it switched on?");
      }
      String[] words = answer.split(" ");
      if (words[0].equals("ERR")) {
        throw Refused.state(
            "instrument",
            answer.contains("DRY")
                ? "There is nothing on the prism."
                : "The instrument could not read the sample.");
      }
      return new Shown(Double.parseDouble(words[1]), Double.parseDouble(words[2]));
    } catch (IOException | IndexOutOfBoundsException | NumberFormatException garbled) {
      throw Refused.state("instrument", "The instrument's answer was garbled. Read again.");
    }
  }
}
