package elsko.server.disk;

import jakarta.persistence.EntityManagerFactory;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.TransactionDefinition;

/** Begins nothing the disk cannot take. */
final class KeepsOnlyWithRoom extends JpaTransactionManager {
  private static final long serialVersionUID = 1;
  private final transient Disk disk;

  KeepsOnlyWithRoom(EntityManagerFactory entities, Disk disk) {
    super(entities);
    this.disk = disk;
  }

  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    Trouble now = definition.isReadOnly() ? disk.trouble() : disk.whyNotKept();
    if (now != null) {
      throw new DatabaseAway(now);
    }
    super.doBegin(transaction, definition);
  }
}
