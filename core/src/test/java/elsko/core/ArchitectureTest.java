package elsko.core;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.CircuitKind;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("elsko.core");

  @Test
  void coreKnowsNoFramework() {
    classes()
        .that()
        .resideOutsideOfPackage("..plan.search..")
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "elsko.core..",
            "java.lang..",
            "java.util..",
            "java.time..",
            "java.math..",
            "java.io..",
            "java.nio.charset..",
            "org.jspecify.annotations..") // only says what may be null
        .check(CORE);
  }

  @Test
  void theSearchKnowsTheSolverAndNothingElse() {
    classes()
        .that()
        .resideInAPackage("..plan.search..")
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage("elsko.core..", "java..", "ai.timefold.solver.core..")
        .check(CORE);
  }

  @Test
  void roomsDoNotGoRoundInCircles() {
    slices().matching("elsko.core.(**)").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void coreReadsNoClock() {
    noClasses().should().callMethod(java.time.Instant.class, "now").check(CORE);
    noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
  }

  @Test
  void fluidKnowsNoBoats() {
    noClasses()
        .that()
        .resideInAPackage("..fluid..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("..boat..", "..ledger..", "..procedure..")
        .check(CORE);
  }

  @Test
  void frostKnowsNoCardsAndNoPlan() {
    noClasses()
        .that()
        .resideInAPackage("..frost..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("..procedure..", "..plan..")
        .check(CORE);
  }

  @Test
  void whatHappenedDoesNotDependOnWhatIsPlanned() {
    noClasses()
        .that()
        .resideInAnyPackage("..ledger..", "..boat..", "..limits..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("..procedure..", "..frost..", "..plan..")
        .check(CORE);
  }

  /** What is particular to one of them stands in its own file, where it is found and changed. */
  @Test
  void noRoomAboveBoatNamesAnAccessory() {
    Set<String> everyCircuit =
        Set.of("RAW_WATER", "COOLANT", "DOMESTIC_WATER", "SPECIALIST", "UNANSWERED");
    noClasses()
        .that()
        .resideOutsideOfPackage("..boat..")
        .should()
        .accessFieldWhere(
            describe(
                "an accessory or its kind of circuit is named",
                access ->
                    access.getTargetOwner().isEquivalentTo(Accessory.class)
                        || access.getTargetOwner().isEquivalentTo(CircuitKind.class)
                            && !everyCircuit.contains(access.getTarget().getName())))
        .check(CORE);
  }
}
