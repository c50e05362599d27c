package elsko.server.bench;

import elsko.server.bench.Calibrations.NewCalibration;
import elsko.server.bench.Devices.DeviceReading;
import elsko.server.bench.Devices.GlassOn;
import elsko.server.bench.Jugs.NewJug;
import elsko.server.bench.ShelfView.NewInstrument;
import elsko.server.bench.ShelfView.NewLot;
import elsko.server.bench.ShelfView.NewProduct;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/bench")
class ShelfController {
  private final Shelf shelf;
  private final Devices devices;
  private final WeakestSamples weakestSamples;

  ShelfController(Shelf shelf, Devices devices, WeakestSamples weakestSamples) {
    this.shelf = shelf;
    this.devices = devices;
    this.weakestSamples = weakestSamples;
  }

  @GetMapping("/shelf")
  ShelfView shelf() {
    return shelf.view();
  }

  /** The weakest samples that pass, for every lot and instrument, so that a device can say so. */
  @GetMapping("/weakest-samples")
  List<WeakestSamples.WeakestTable> weakestSamples() {
    return weakestSamples.all();
  }

  @PostMapping("/products")
  @ResponseStatus(HttpStatus.CREATED)
  ShelfView addProduct(@RequestBody NewProduct product) {
    return shelf.addProduct(product);
  }

  @PostMapping("/lots")
  @ResponseStatus(HttpStatus.CREATED)
  ShelfView addLot(@RequestBody NewLot lot) {
    return shelf.addLot(lot);
  }

  @PostMapping("/instruments")
  @ResponseStatus(HttpStatus.CREATED)
  ShelfView addInstrument(@RequestBody NewInstrument instrument) {
    return shelf.addInstrument(instrument);
  }

  @PostMapping("/instruments/{id}/zero-checks")
  @ResponseStatus(HttpStatus.CREATED)
  ShelfView checkZero(@PathVariable UUID id, @RequestBody ZeroReading zero, Authentication who) {
    return shelf.checkZero(id, zero.reading(), zero.checkedAt(), who.getName());
  }

  /** Makes an instrument's own curve for a product, from a dilution series. */
  @PostMapping("/instruments/{id}/calibrations")
  @ResponseStatus(HttpStatus.CREATED)
  ShelfView calibrate(
      @PathVariable UUID id, @RequestBody NewCalibration calibration, Authentication who) {
    return shelf.calibrate(id, calibration, who.getName());
  }

  /** Keeps what the undiluted jug of a lot reads. */
  @PostMapping("/jugs")
  @ResponseStatus(HttpStatus.CREATED)
  ShelfView readJug(@RequestBody NewJug jug, Authentication who) {
    return shelf.readJug(jug, who.getName());
  }

  /** Reads a glass with a digital instrument: a lot's jug, thinned or not, or clean water. */
  @PostMapping("/instruments/{id}/device-reading")
  DeviceReading deviceReading(@PathVariable UUID id, @RequestBody GlassOn glass) {
    return devices.readGlass(id, glass);
  }

  /**
   * What clean water read, in the unit of the instrument.
   *
   * @param checkedAt when, where it was on paper first; null: now
   */
  record ZeroReading(Double reading, @Nullable Instant checkedAt) {}
}
