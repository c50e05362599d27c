package elsko.server;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every address of a screen is the same page; the page itself finds its way. */
@Controller
class Screens {
  @GetMapping({
    "/",
    "/yard",
    "/boats/**",
    "/bench/**",
    "/walks/**",
    "/frost",
    "/launch/**",
    "/book/**",
    "/cast-off/**",
    "/stores",
    "/owner",
    "/describe",
    "/import",
    "/settings/**",
    "/kit",
    "/account",
    "/join",
    "/sign-in"
  })
  String page() {
    return "forward:/index.html";
  }
}
