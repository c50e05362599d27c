package elsko.server.bench.device;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Scale;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.time.Duration;
import java.util.Locale;
import java.util.Random;

/**
 * A stand-in for a digital refractometer: it is told what is on its prism, and answers for it over
 * its line with the instrument's noise. Simulated; nothing is measured.
 */
public final class SimulatedRefractometer implements SerialLine {
  private static final Duration DEVICE_WAITS = Duration.ofSeconds(1);
  private static final Duration HOST_WAITS = Duration.ofSeconds(3);

  private final ByteWire toDevice = new ByteWire(DEVICE_WAITS);
  private final ByteWire toHost = new ByteWire(HOST_WAITS);
  private final InputStream in = toHost.readingEnd();
  private final OutputStream out = toDevice.writingEnd();
  private final Scale scale;
  private final double accuracy;
  private final Random noise;
  private final Thread thread;
  private volatile Sample onPrism;
  private volatile boolean on = true;

  private record Sample(double massFraction, double temperatureC) {}

  /**
   * @param accuracy no reading is further off than this, in scale units
   * @param noise where its scatter comes from
   */
  public SimulatedRefractometer(Scale scale, double accuracy, Random noise) {
    this.scale = scale;
    this.accuracy = accuracy;
    this.noise = noise;
    thread = new Thread(this::answer, "simulated-refractometer");
    thread.setDaemon(true);
    thread.start();
  }

  /** Puts a drop on the prism. */
  public void place(double massFraction, double temperatureC) {
    onPrism = new Sample(massFraction, temperatureC);
  }

  /** Wipes it. */
  public void wipe() {
    onPrism = null;
  }

  @Override
  public InputStream in() {
    return in;
  }

  @Override
  public OutputStream out() {
    return out;
  }

  @Override
  public void close() {
    on = false;
    thread.interrupt();
  }

  private void answer() {
    InputStream commands = toDevice.readingEnd();
    OutputStream answers = toHost.writingEnd();
    while (on) {
      try {
        String command = Telegram.receive(commands);
        if (command != null) {
          Telegram.send(answers, command.equals("READ") ? shown() : "ERR COMMAND");
        }
      } catch (IOException garbled) {
        // A real one stays silent too; the host asks again.
      }
    }
  }

  private String shown() {
    Sample sample = onPrism;
    if (sample == null) {
      return "ERR DRY";
    }
    double scatter = Math.max(-1, Math.min(1, noise.nextGaussian() / 3)) * accuracy;
    double reading = Math.round((exact(sample.massFraction) + scatter) * 10) / 10.0;
    double onScale = Math.max(lowest(), Math.min(scale.highest(), reading));
    return String.format(Locale.ROOT, "VAL %.1f %.1f", onScale, sample.temperatureC);
  }

  private double exact(double massFraction) {
    double w = Math.min(GlycolCurve.MAX_MASS_FRACTION, massFraction);
    return switch (scale) {
      case PG_FREEZE -> GlycolCurve.of(Base.PG).freezePointC(w);
      case EG_FREEZE -> GlycolCurve.of(Base.EG).freezePointC(w);
      // Roughly how the scales of such instruments run; they need a calibration anyway.
      case BRIX -> w * (82 - 18 * w);
      case LABEL -> -w * (70 + 150 * w);
    };
  }

  private double lowest() {
    return switch (scale) {
      case PG_FREEZE -> GlycolCurve.of(Base.PG).lowestFreezePointC();
      case EG_FREEZE -> GlycolCurve.of(Base.EG).lowestFreezePointC();
      default -> scale.lowest();
    };
  }
}
