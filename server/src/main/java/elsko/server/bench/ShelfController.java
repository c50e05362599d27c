package elsko.server.bench;

import elsko.server.bench.Shelf.NewInstrument;
import elsko.server.bench.Shelf.NewLot;
import elsko.server.bench.Shelf.NewProduct;
import elsko.server.bench.Shelf.ShelfView;
import java.util.UUID;
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

  ShelfController(Shelf shelf) {
    this.shelf = shelf;
  }

  @GetMapping("/shelf")
  ShelfView shelf() {
    return shelf.view();
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
    return shelf.checkZero(id, zero.reading(), who.getName());
  }

  record ZeroReading(Double reading) {}
}
