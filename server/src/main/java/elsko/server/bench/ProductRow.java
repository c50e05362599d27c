package elsko.server.bench;

import elsko.core.fluid.Base;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Product;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An antifreeze product as it is kept. */
@Entity
@Table(name = "product")
class ProductRow {
  @Id private UUID id;
  private String name;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Base base;

  private Double massFraction;

  @Column(name = "label_rating_c")
  private Double labelRatingC;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private LabelRates labelRates;

  private String color;

  protected ProductRow() {}

  ProductRow(String name, Product product, String color) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.base = product.base();
    this.massFraction = product.massFraction();
    this.labelRatingC = product.labelRatingC();
    this.labelRates = product.labelRates();
    this.color = color;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  String color() {
    return color;
  }

  Product product() {
    return new Product(base, massFraction, labelRatingC, labelRates);
  }
}
