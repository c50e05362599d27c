package elsko.server.people;

import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Service;

/** Accounts as Spring Security asks for them. */
@Service
class Accounts implements UserDetailsService {
  private final PersonRepository people;

  Accounts(PersonRepository people) {
    this.people = people;
  }

  @Override
  public UserDetails loadUserByUsername(String name) {
    Person person =
        people.findByName(name).orElseThrow(() -> new UsernameNotFoundException("no such account"));
    return User.withUsername(person.name())
        .password(person.passwordHash())
        .roles(person.role().name())
        .build();
  }
}
