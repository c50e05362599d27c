package elsko.server.frost;

import elsko.core.Refused;
import elsko.core.frost.ColdSnap;
import elsko.server.frost.Weather.WeatherView;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/weather")
class WeatherController {
  private static final int MOST_PROBLEMS_SHOWN = 200;

  private final Weather weather;

  WeatherController(Weather weather) {
    this.weather = weather;
  }

  @GetMapping
  WeatherView view() {
    return weather.view();
  }

  @PostMapping("/refresh")
  WeatherView refresh() {
    return weather.refresh();
  }

  /** What if it came colder? Everybody sees it until it is taken away. */
  @PutMapping("/cold-snap")
  WeatherView coldSnap(@RequestBody SnapIn in) {
    if (in.days() == null) {
      throw Refused.value("days", "Say how many days it lasts.");
    }
    if (in.byK() == null) {
      throw Refused.value("byK", "Say how much colder it comes, in kelvin.");
    }
    return weather.coldSnap(new ColdSnap(in.first(), in.days(), in.byK()));
  }

  @DeleteMapping("/cold-snap")
  WeatherView noColdSnap() {
    return weather.coldSnap(null);
  }

  /** How cold tonight gets, by somebody who is there. */
  @PutMapping("/tonight")
  WeatherView tonight(@RequestBody TonightIn in) {
    if (in.lowC() == null) {
      throw Refused.value("lowC", "Say how cold it gets, like −4.");
    }
    return weather.tonight(in.lowC());
  }

  @DeleteMapping("/tonight")
  WeatherView asForecast() {
    return weather.tonight(null);
  }

  /** Looks a file of days through and keeps nothing. */
  @PostMapping("/days/check")
  CheckView check(@RequestBody DaysIn in) {
    WeatherCheck check = WeatherCheck.of(in.csv(), in.chosen());
    return new CheckView(
        check.rows(),
        check.days().size(),
        check.days().isEmpty() ? null : check.days().get(0).date(),
        check.days().isEmpty() ? null : check.days().get(check.days().size() - 1).date(),
        check.problems().size(),
        check.problems().stream().limit(MOST_PROBLEMS_SHOWN).toList());
  }

  /** Keeps a file of days once everything in it is settled. */
  @PutMapping("/days")
  WeatherView bringIn(@RequestBody DaysIn in) {
    return weather.bringIn(in.csv(), in.chosen());
  }

  /** The past winters as they are kept. */
  @GetMapping(path = "/days.csv", produces = "text/csv")
  ResponseEntity<String> days() {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("past-winters.csv").build().toString())
        .body(weather.pastCsv());
  }

  record SnapIn(@Nullable LocalDate first, @Nullable Integer days, @Nullable Double byK) {}

  record TonightIn(@Nullable Double lowC) {}

  record DaysIn(@Nullable String csv, WeatherCheck.@Nullable WaysChosen chosen) {}

  /** What a file holds, and what has to be settled before it can be kept. */
  record CheckView(
      int rows,
      int days,
      @Nullable LocalDate first,
      @Nullable LocalDate last,
      int problemCount,
      List<WeatherCheck.DayProblem> problems) {}
}
