package elsko.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ServerArchitectureTest {
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("elsko.server");

  @Test
  void packagesDoNotGoRoundInCircles() {
    slices().matching("elsko.server.(*)..").should().beFreeOfCycles().check(SERVER);
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
