package elsko.server.people;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PersonRepository extends JpaRepository<Person, UUID> {
  Optional<Person> findByName(String name);

  Optional<Person> findByLook(String look);

  Optional<Person> findByCodeHash(String codeHash);

  List<Person> findAllByOrderByName();

  /** Waits until nobody else changes who runs the yard. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select p from Person p where p.role = elsko.server.people.Role.COORDINATOR order by p.id")
  List<Person> lockCoordinators();

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select p from Person p where p.id = :id")
  Optional<Person> lock(UUID id);

  @Query(value = "select * from person where looks_like = cast(id as varchar)", nativeQuery = true)
  List<Person> notLookedAt();
}
