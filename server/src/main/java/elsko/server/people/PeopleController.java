package elsko.server.people;

import elsko.server.people.People.PersonView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/people")
class PeopleController {
  private final People people;

  PeopleController(People people) {
    this.people = people;
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

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  PersonView add(@RequestBody NewPerson person) {
    return people.add(person.name(), person.role(), person.password());
  }

  /** Adds everybody in a file with the columns name, role and password; or nobody. */
  @PostMapping(path = "/import", consumes = "text/csv")
  AddedRows addAll(@RequestBody String csv) {
    return new AddedRows(people.addAll(csv));
  }

  record AddedRows(int rows) {}

  record NewPerson(String name, Role role, String password) {}
}
