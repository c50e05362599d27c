package elsko.server.yard;

import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Method;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** How this yard winterizes the engines of one layout. */
@Entity
class YardMethod {
  @Id
  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Layout layout;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Method method;

  protected YardMethod() {}

  YardMethod(Layout layout, Method method) {
    this.layout = layout;
    this.method = method;
  }

  Layout layout() {
    return layout;
  }

  Method method() {
    return method;
  }
}
