package app.blenner.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import org.springframework.data.repository.Repository;
import org.testng.annotations.Test;

/** Areas hold their own entities and repositories, and talk through their services. */
public class ServerArchitectureTest {
  private final JavaClasses server =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("app.blenner.server");

  @Test
  public void entitiesNeverLeaveTheirPackage() {
    classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate().check(server);
  }

  @Test
  public void repositoriesNeverLeaveTheirPackage() {
    classes().that().areAssignableTo(Repository.class).should().bePackagePrivate().check(server);
  }

  @Test
  public void areasHaveNoCycles() {
    slices().matching("app.blenner.server.(*)..").should().beFreeOfCycles().check(server);
  }

  @Test
  public void controllersDoNotReachPastTheServicesOfOtherAreas() {
    noClasses()
        .that()
        .haveSimpleNameEndingWith("Controller")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.hibernate..", "jakarta.persistence..")
        .check(server);
  }
}
