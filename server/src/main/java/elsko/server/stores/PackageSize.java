package elsko.server.stores;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** What an item is bought in, in its unit. */
@Entity
@Table(name = "package_size")
class PackageSize {
  @Id private String item;
  private double quantity;

  protected PackageSize() {}

  PackageSize(String item, double quantity) {
    this.item = item;
    this.quantity = quantity;
  }

  String item() {
    return item;
  }

  double quantity() {
    return quantity;
  }
}
