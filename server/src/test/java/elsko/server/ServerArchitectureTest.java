package elsko.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.Year;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ServerArchitectureTest {
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("elsko.server");

  @Test
  void packagesDoNotGoRoundInCircles() {
    slices().matching("elsko.server.(*)..").should().beFreeOfCycles().check(SERVER);
    slices().matching("elsko.server.(**)").should().beFreeOfCycles().check(SERVER);
  }

  /** One clock and the yard's zone: the machine's own are asked in one place. */
  @Test
  void nobodyButTheClockAsksTheMachineForTheTime() {
    noClasses()
        .that()
        .resideOutsideOfPackage("..clock..")
        .should()
        .callMethodWhere(asksTheMachine())
        .check(SERVER);
  }

  private static DescribedPredicate<JavaMethodCall> asksTheMachine() {
    Set<String> times =
        Set.of(
            Instant.class.getName(),
            LocalDate.class.getName(),
            LocalTime.class.getName(),
            LocalDateTime.class.getName(),
            ZonedDateTime.class.getName(),
            OffsetDateTime.class.getName(),
            Year.class.getName());
    return DescribedPredicate.describe(
        "ask the machine for its time or zone",
        call -> {
          String owner = call.getTargetOwner().getName();
          boolean withoutClock =
              call.getTarget().getRawParameterTypes().stream()
                  .noneMatch(type -> type.isEquivalentTo(Clock.class));
          return times.contains(owner) && call.getName().equals("now") && withoutClock
              || owner.equals(Clock.class.getName()) && call.getName().startsWith("system")
              || owner.equals(ZoneId.class.getName()) && call.getName().equals("systemDefault")
              || owner.equals(System.class.getName()) && call.getName().equals("currentTimeMillis");
        });
  }

  @Test
  void onlyTheDemonstrationAndTheFirstStartKnowTheDemonstration() {
    noClasses()
        .that()
        .resideOutsideOfPackage("..demo..")
        .and()
        .doNotHaveSimpleName("FirstStart")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("..demo..")
        .check(SERVER);
  }
}
