package elsko.server.bench;

import elsko.core.Refused;
import elsko.core.fluid.Blend;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.Product;
import elsko.server.bench.device.Refractometer;
import elsko.server.bench.device.SimulatedRefractometer;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The instruments that are read by the machine. Those there are now are simulated. */
@Service
public class Devices {
  /** How warm samples are that stood on the bench for a while, °C. */
  private static final double ON_THE_BENCH_C = 16;

  private final InstrumentRepository instruments;
  private final Shelf shelf;
  private final Map<UUID, SimulatedRefractometer> simulated = new ConcurrentHashMap<>();

  Devices(InstrumentRepository instruments, Shelf shelf) {
    this.instruments = instruments;
    this.shelf = shelf;
  }

  @PreDestroy
  void switchOff() {
    simulated.values().forEach(SimulatedRefractometer::close);
  }

  /** Reads a mixture of this strength, as the simulation has it on the prism. */
  public DeviceReading read(UUID instrument, double massFraction) {
    InstrumentRow row = digital(instrument);
    SimulatedRefractometer device =
        simulated.computeIfAbsent(
            row.id(),
            id ->
                new SimulatedRefractometer(
                    row.scale(), row.checked(0, 0, null).accuracy(), new Random(id.hashCode())));
    synchronized (device) {
      device.place(massFraction, ON_THE_BENCH_C);
      Refractometer.Shown shown = new Refractometer(device).read();
      device.wipe();
      return new DeviceReading(
          shown.reading(), row.scale().unit(), shown.temperatureC(), row.kind().words(), true);
    }
  }

  /** Reads a glass at the bench: a lot's jug, thinned or not, or clean water. */
  DeviceReading readGlass(UUID instrument, GlassOn glass) {
    digital(instrument);
    if (glass.lot() == null) {
      return read(instrument, 0);
    }
    Product product = shelf.lot(glass.lot()).product();
    if (product.massFraction() == null) {
      throw Refused.value("lot", "The product's strength is not known: nothing to simulate from.");
    }
    double jug = glass.jugParts() == null ? 1 : glass.jugParts();
    double water = glass.waterParts() == null ? 0 : glass.waterParts();
    Refused.within("jugParts", jug, 0, 100, "");
    Refused.within("waterParts", water, 0, 100, "");
    if (jug == 0 || water == 0) {
      return read(instrument, jug == 0 ? 0 : product.massFraction());
    }
    return read(instrument, Blend.together(product.base(), jug, product.massFraction(), water, 0));
  }

  private InstrumentRow digital(UUID instrument) {
    if (instrument == null) {
      throw Refused.value("instrument", "Say which instrument it is read with.");
    }
    InstrumentRow row =
        instruments
            .findById(instrument)
            .orElseThrow(() -> Refused.value("instrument", "There is no such instrument."));
    if (row.kind() != InstrumentKind.SIMULATED_DIGITAL) {
      throw Refused.value("instrument", "This instrument is read by eye: type what it shows.");
    }
    return row;
  }

  /** What a digital instrument showed; {@code simulated} while no real one is connected. */
  public record DeviceReading(
      double reading, String unit, double temperatureC, String kindWords, boolean simulated) {}

  /** What is put on the prism; clean water when no lot is given. */
  record GlassOn(@Nullable String lot, @Nullable Double jugParts, @Nullable Double waterParts) {}
}
