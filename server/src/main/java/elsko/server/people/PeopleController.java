package elsko.server.people;

import elsko.server.people.People.Invitation;
import elsko.server.people.People.PersonView;
import elsko.server.square.SquareCode;
import elsko.server.yard.Yards;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

@RestController
@RequestMapping("/api/people")
class PeopleController {
  private final People people;
  private final Yards yards;

  PeopleController(People people, Yards yards) {
    this.people = people;
    this.yards = yards;
  }

  @GetMapping
  List<PersonView> all() {
    return people.all();
  }

  /** Names of those who work on cards, for handing one over. */
  @GetMapping("/workers")
  List<String> workers() {
    return people.workers();
  }

  /** Invites somebody: the code that comes back sets their password, once. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  InvitationView invite(@RequestBody NewPerson person) {
    return shown(people.invite(person.name(), person.role()));
  }

  /** Invites everybody in a file with the columns name and role; or nobody. */
  @PostMapping(path = "/import", consumes = "text/csv")
  AddedRows inviteAll(@RequestBody String csv) {
    return new AddedRows(people.inviteAll(csv));
  }

  /** A new code: for whoever lost theirs, or their password, or their phone. */
  @PostMapping("/{id}/code")
  InvitationView newCode(@PathVariable UUID id) {
    return shown(people.newCode(id));
  }

  private InvitationView shown(Invitation made) {
    String host = yards.address();
    if (host.isEmpty()) {
      host = ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
    }
    // Behind the mark: no browser sends that part, so that no log has it.
    String address = host + "/join#" + made.code();
    SquareCode square = SquareCode.of(address);
    return new InvitationView(
        made.person(), made.code(), made.until(), address, square.size(), square.path());
  }

  @PutMapping("/{id}/role")
  PersonView becomes(
      @PathVariable UUID id,
      @RequestBody OtherRole other,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    return people.becomes(id, other.role(), ifMatch);
  }

  @PutMapping("/{id}/locked")
  PersonView locked(@PathVariable UUID id, @RequestBody Locked now) {
    return people.locked(id, now.locked());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    people.remove(id);
  }

  /**
   * Somebody who was invited.
   *
   * @param code told this once
   * @param address where it is used
   * @param squareSize cells on a side of the address as a square code; {@code square} its dark ones
   *     as the path of a drawing
   */
  record InvitationView(
      PersonView person,
      String code,
      Instant until,
      String address,
      int squareSize,
      String square) {}

  record AddedRows(int rows) {}

  record NewPerson(@Nullable String name, @Nullable Role role) {}

  record OtherRole(@Nullable Role role) {}

  record Locked(boolean locked) {}
}
