package elsko.core.plan.check;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.boat.description.Fuel;
import elsko.core.plan.check.ByHandbook.Acid;
import elsko.core.plan.check.ByHandbook.OneBoat;
import elsko.core.plan.check.ByHandbook.Roof;
import elsko.core.plan.check.ByHandbook.Work;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Openings;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Worker;
import elsko.core.procedure.request.DescaleVariant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Three days written by hand as a foreman would: Teal, in a shed, with a petrol and a diesel
 * engine, is descaled through the tank and filled by drawing; Dunlin, in the open, comes out of the
 * water; Plover goes back in. Then each rule broken once.
 */
class EachRuleTest {
  private static final UUID TEAL = new UUID(1, 1);
  private static final UUID DUNLIN = new UUID(1, 2);
  private static final UUID PLOVER = new UUID(1, 3);

  private static final List<String> GOOD =
      List.of(
          "Teal descale Orrin+Bela 0 09:00 10:00",
          "Teal descale-2 Orrin 0 14:00 14:40",
          "Teal empty Orrin 0 14:40 15:20",
          "Teal fill Orrin+Bela 0 15:20 15:50",
          "Teal prove Tamsa 1 08:10 08:30",
          "Teal close Tamsa 1 08:30 08:45",
          "Dunlin lift Tamsa+Bela 0 10:10 10:40",
          "Dunlin fill Bela 0 11:50 12:40",
          "Dunlin prove Tamsa 1 08:50 09:10",
          "Plover launch Tamsa+Bela 1 10:10 10:50",
          "Plover run Orrin 1 11:00 11:30");

  @Test
  void theDaysAsWrittenAreRight() {
    assertThat(problems(GOOD, season(UnaryOperator.identity()))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    // order inside a visit
    "Teal fill, Teal fill Orrin+Bela 0 14:40 15:10, fill before empty",
    "Plover run, Plover run Orrin 1 09:00 09:30, run before launch",
    // a drawn fill belongs to its warm-up
    "Teal fill, Teal fill Orrin+Bela 0 16:10 16:40, soak of 50 min after empty",
    "Teal fill, Teal fill Orrin+Bela 1 09:00 09:30, min after empty",
    // acid: its least, and not beyond six hours
    "Teal descale-2, Teal descale-2 Orrin 0 13:30 14:10, soak of 210 min after descale",
    "Teal descale, Teal descale Orrin+Bela 0 07:55 08:55, is not within the shed's open doors",
    "Teal descale-2, Teal descale-2 Orrin 0 16:05 16:45, soak of 365 min after descale",
    // a person with every skill the boat's engines ask for
    "Teal fill, Teal fill Bela+Orrin 0 15:20 15:50, Bela cannot do fill",
    "Plover launch, Plover launch Bela+Tamsa 1 10:10 10:50, Bela cannot do launch",
    // somebody at the tank while somebody starts
    "Teal fill, Teal fill Orrin 0 15:20 15:50, fill has the wrong number of people",
    "Dunlin lift, Dunlin lift Tamsa 0 10:10 10:40, lift has the wrong number of people",
    "Teal prove, Teal prove Tamsa+Tamsa 1 08:10 08:30, prove has the wrong number of people",
    "Teal prove, Teal prove Tamsa+Bela+Orrin 1 08:10 08:30, prove has the wrong number of people",
    // the kit is rinsed after the acid
    "Teal descale-2, Teal descale-2 Orrin 0 14:00 14:30, descale-2 takes 30 instead of 40",
    // no engine runs in a closed shed
    "Teal fill, Teal fill Orrin+Bela 0 16:00 16:30, fill from 960 to 990 is not within the shed's",
    // daylight for work in the open
    "Dunlin prove, Dunlin prove Tamsa 1 07:30 07:50, is not within daylight",
    // tide or lift hours
    "Dunlin lift, Dunlin lift Tamsa+Bela 0 11:00 11:30, lift from 660 to 690 is not within the lift's",
    // one refractometer
    "Dunlin prove, Dunlin prove Orrin 1 08:20 08:40, 2 of REFRACTOMETER",
    // a person is in one place at a time, and walks
    "Teal close, Teal close Bela 1 10:30 10:45, Bela cannot be at close",
    "Teal close, Teal close Orrin 1 11:31 11:46, Orrin cannot be at close",
    // working hours, days off, lunch
    "Teal close, Teal close Tamsa 1 16:40 16:55, Tamsa works until 1015",
    "Teal close, Teal close Tamsa 2 08:30 08:45, Tamsa is off on day 2",
    "Dunlin fill, Dunlin fill Bela 0 11:50 12:10, fill takes 10 instead of 20",
    // not before it is released
    "Plover launch, Plover launch Tamsa+Bela 0 10:50 11:30, Plover is not there yet on day 0",
    // whole, and once
    "Dunlin fill, , Dunlin lacks fill",
    "Plover run, Plover run Orrin 1 11:00 11:30; Plover run Orrin 1 14:00 14:30, run is there twice",
  })
  void aRuleThatIsBrokenIsNamed(String stop, String instead, String words) {
    List<String> changed = new ArrayList<>();
    for (String line : GOOD) {
      if (!line.startsWith(stop + " ")) {
        changed.add(line);
      } else if (instead != null) {
        changed.addAll(List.of(instead.split("; ")));
      }
    }
    assertThat(problems(changed, season(UnaryOperator.identity())))
        .anyMatch(each -> each.contains(words));
  }

  @Test
  void aBoatThatIsNeitherPlannedNorSaidToBeUndone() {
    List<String> without = GOOD.stream().filter(line -> !line.startsWith("Plover")).toList();
    assertThat(problems(without, season(UnaryOperator.identity())))
        .containsExactly("Plover is neither planned nor said to be undone");
  }

  /** The tank stands on Teal while the acid works: nobody else draws from it. */
  @Test
  void theTankKitStaysWhileItSoaks() {
    Season drawn = season(boat -> boat.boat().equals(DUNLIN) ? drawnToo(boat) : boat);
    List<String> inTheSoak = new ArrayList<>(GOOD);
    inTheSoak.remove("Dunlin fill Bela 0 11:50 12:40");
    inTheSoak.add("Dunlin fill Bela+Tamsa 0 11:00 11:20");
    assertThat(problems(inTheSoak, drawn)).containsExactly("2 of TANK_KIT/0/660");
  }

  @Test
  void aDayHasSoManyLifts() {
    Season none = with(season(UnaryOperator.identity()), Openings.ALWAYS, new int[] {1, 0, 0});
    assertThat(problems(GOOD, none)).containsExactly("1 lifts on day 1");
  }

  @Test
  void whoeverIsAtATankComesInTheFixedHour() {
    Season hour =
        with(
            season(UnaryOperator.identity()),
            new Openings(Map.of(Opening.SECOND_HANDS, days(new Worker.Hours(14 * 60, 16 * 60)))),
            new int[] {1, 1, 1});
    assertThat(problems(GOOD, hour))
        .containsExactly(
            "Teal: descale from 540 to 600 is not within the hour for a second pair of hands");
  }

  private static OneBoat drawnToo(OneBoat boat) {
    return new OneBoat(
        boat.boat(),
        boat.name(),
        boat.place(),
        0,
        boat.engines(),
        true,
        null,
        boat.roof(),
        boat.work().stream()
            .map(one -> one.key().equals("fill") ? new Work("fill", 20, true, true, null) : one)
            .toList());
  }

  private static Season with(Season season, Openings openings, int[] lifts) {
    // A lift a day, or whatever is said; what each boat asks stays.
    return new Season(
        season.first(),
        season.days(),
        season.workers(),
        season.pause(),
        season.visits().stream()
            .map(
                visit ->
                    visit.cutInto(
                        visit.tasks().stream()
                            .map(
                                task ->
                                    openings.byDay().isEmpty() || !task.key().equals("descale")
                                        ? task
                                        : task.asking(task.asks().and(Opening.SECOND_HANDS)))
                            .toList(),
                        visit.promisedFor(),
                        visit.safeAfter()))
            .toList(),
        season.equipment(),
        lifts,
        openings,
        season.walkMinutes());
  }

  private static List<String> problems(List<String> lines, Season season) {
    return PlanCheck.problems(
        season, new Plan(lines.stream().map(EachRuleTest::read).toList(), List.of(), null));
  }

  private static Assignment read(String line) {
    String[] words = line.split(" ");
    return new Assignment(
        Map.of("Teal", TEAL, "Dunlin", DUNLIN, "Plover", PLOVER).get(words[0]),
        words[1],
        List.of(words[2].split("\\+")),
        Integer.parseInt(words[3]),
        minute(words[4]),
        minute(words[5]));
  }

  private static int minute(String clock) {
    return Integer.parseInt(clock.substring(0, 2)) * 60 + Integer.parseInt(clock.substring(3));
  }

  private static List<List<Worker.Hours>> days(Worker.Hours... hours) {
    return List.of(List.of(hours), List.of(hours), List.of(hours));
  }

  private static Season season(UnaryOperator<OneBoat> change) {
    Worker.Hours day = new Worker.Hours(7 * 60, 16 * 60 + 50);
    List<OneBoat> boats =
        List.of(
            new OneBoat(
                TEAL,
                "Teal",
                1,
                0,
                Set.of(Fuel.PETROL, Fuel.DIESEL),
                true,
                DescaleVariant.TANK_SOAK,
                Roof.SHED,
                List.of(
                    new Work("fill", 30, true, true, null),
                    new Work("empty", 40, true, false, null),
                    new Work("descale", 60, true, true, Acid.SOAKS),
                    new Work("descale-2", 40, true, false, null),
                    new Work("close", 15, false, false, null),
                    new Work("prove", 20, false, false, null))),
            new OneBoat(
                DUNLIN,
                "Dunlin",
                2,
                0,
                Set.of(Fuel.PETROL),
                false,
                null,
                Roof.NONE,
                List.of(
                    new Work("lift", 30, false, false, null),
                    new Work("fill", 20, false, false, null),
                    new Work("prove", 20, false, false, null))),
            new OneBoat(
                PLOVER,
                "Plover",
                3,
                1,
                Set.of(Fuel.PETROL),
                false,
                null,
                Roof.OTHER,
                List.of(
                    new Work("launch", 40, false, false, null),
                    new Work("run", 30, true, false, null))));
    Season yard =
        new Season(
            LocalDate.of(2031, 11, 3),
            3,
            List.of(
                new Worker(
                    "Orrin",
                    Set.of(Skill.ENGINE_PETROL, Skill.ENGINE_DIESEL, Skill.SYSTEMS),
                    List.of(day, day, day)),
                new Worker(
                    "Tamsa",
                    Set.of(Skill.LIFT, Skill.SYSTEMS, Skill.ENGINE_PETROL),
                    Arrays.asList(day, day, null)),
                new Worker(
                    "Bela", Set.of(Skill.ENGINE_PETROL, Skill.SYSTEMS), List.of(day, day, day))),
            new Worker.Hours(12 * 60, 12 * 60 + 30),
            List.of(),
            Map.of(Equipment.TANK_KIT, 1, Equipment.LIFT, 1, Equipment.REFRACTOMETER, 1),
            new int[] {1, 1, 1},
            new Openings(
                Map.of(
                    Opening.DAYLIGHT,
                    days(new Worker.Hours(8 * 60, 16 * 60)),
                    Opening.DOORS,
                    days(new Worker.Hours(9 * 60, 16 * 60)),
                    Opening.LIFT_HOURS,
                    days(new Worker.Hours(10 * 60, 11 * 60), new Worker.Hours(14 * 60, 15 * 60)))),
            new int[][] {{0, 2, 3, 4}, {2, 0, 5, 5}, {3, 5, 0, 5}, {4, 5, 5, 0}});
    return ByHandbook.season(yard, boats.stream().map(change).toList());
  }
}
