package app.blenner.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import app.blenner.core.item.Content;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaConstructorCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/** The core takes data and gives data. */
public class CoreArchitectureTest {
  private final JavaClasses core =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("app.blenner.core");

  @Test
  public void knowsNoFrameworkNoStorageAndNoNetwork() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "org.springframework..",
            "jakarta..",
            "java.sql..",
            "org.hibernate..",
            "java.net.http..")
        .check(core);
  }

  @Test
  public void asksNobodyForTheTimeOrForChance() {
    noClasses()
        .should()
        .callMethod(java.time.Instant.class, "now")
        .orShould()
        .callMethod(java.time.LocalDate.class, "now")
        .orShould()
        .dependOnClassesThat()
        .belongToAnyOf(java.util.Random.class, java.security.SecureRandom.class)
        .check(core);
  }

  @Test
  public void packagesHaveNoCycles() {
    slices().matching("app.blenner.core.(*)..").should().beFreeOfCycles().check(core);
  }

  /** Eleven parts in a row are easily given in a wrong order; the builder names each. */
  @Test
  public void contentsAreMadeByTheirBuilder() {
    noClasses()
        .that()
        .doNotHaveFullyQualifiedName(Content.Builder.class.getName())
        .should()
        .callConstructorWhere(
            DescribedPredicate.describe(
                "a content is made part by part",
                (JavaConstructorCall call) -> call.getTargetOwner().isEquivalentTo(Content.class)))
        .check(core);
  }
}
