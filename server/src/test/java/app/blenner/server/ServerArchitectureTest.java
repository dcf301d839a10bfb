package app.blenner.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.item.Content;
import app.blenner.server.change.Change;
import app.blenner.server.item.links.ItemTexts;
import app.blenner.server.item.store.KeptOfText;
import app.blenner.server.start.PreparedStart;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaConstructorCall;
import com.tngtech.archunit.core.domain.JavaFieldAccess;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import jakarta.persistence.Entity;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.repository.Repository;
import org.springframework.transaction.event.TransactionalEventListener;
import org.testng.annotations.Test;

/** Areas hold their own entities and repositories, and talk through their services. */
public class ServerArchitectureTest {
  private final JavaClasses server =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .withImportOption(
              file -> !file.contains("__") && !file.contains("$$")) // made by the build
          .importPackages("app.blenner.server");

  /** The first package below the root: what belongs together, and answers others through its services. */
  private static String area(JavaClass c) {
    return c.getPackageName().replaceFirst("^(app\\.blenner\\.server\\.[^.]+).*", "$1");
  }

  private static final DescribedPredicate<JavaClass> ROWS =
      DescribedPredicate.describe(
          "entities and repositories",
          c -> c.isAnnotatedWith(Entity.class) || c.isAssignableTo(Repository.class));

  @Test
  public void entitiesAndRepositoriesNeverLeaveTheirArea() {
    ArchCondition<JavaClass> stayAtHome =
        new ArchCondition<>("be used in their own area only") {
          @Override
          public void check(JavaClass row, ConditionEvents events) {
            row.getDirectDependenciesToSelf().stream()
                .filter(d -> !area(d.getOriginClass()).equals(area(row)))
                .forEach(d -> events.add(SimpleConditionEvent.violated(d, d.getDescription())));
          }
        };
    classes().that(ROWS).should(stayAtHome).check(server);
  }

  /** A row that several rooms of an area share is in its store; any other is its room's own affair. */
  @Test
  public void onlyAStoreSharesItsEntitiesAndRepositories() {
    classes()
        .that(ROWS)
        .and()
        .resideOutsideOfPackage("..store")
        .should()
        .bePackagePrivate()
        .check(server);
  }

  @Test
  public void roomsOfItemsHaveNoCycles() {
    slices().matching("app.blenner.server.item.(*)..").should().beFreeOfCycles().check(server);
  }

  /** An item that is moved past the one way in would reach readers unasked. */
  @Test
  public void onlyTheRoomOfStagesMovesItems() {
    Set<String> where = Set.of("stage", "stageSince", "changeSentAt", "givenBackBy");
    noClasses()
        .that()
        .resideOutsideOfPackage("app.blenner.server.item.stages..")
        .should()
        .setFieldWhere(
            DescribedPredicate.describe(
                "a field that says where an item stands is written by another than the item",
                (JavaFieldAccess a) ->
                    a.getTargetOwner().getSimpleName().equals("ItemEntity")
                        && !a.getOriginOwner().equals(a.getTargetOwner())
                        && where.contains(a.getTarget().getName())))
        .check(server);
  }

  @Test
  public void areasHaveNoCycles() {
    slices().matching("app.blenner.server.(*)..").should().beFreeOfCycles().check(server);
  }

  /** A condition the prepared start does not know of would be decided once for all servers, by the build. */
  @Test
  public void thePreparedStartKnowsEveryCondition() {
    Set<String> asked =
        server.stream()
            .flatMap(c -> c.tryGetAnnotationOfType(ConditionalOnProperty.class).stream())
            .flatMap(a -> Stream.concat(Stream.of(a.name()), Stream.of(a.value())))
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(List.copyOf(asked), PreparedStart.DECIDING);
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
        .check(server);
  }

  /** Where there are several servers, this is the one place from which the others hear. */
  @Test
  public void changesAreToldThroughTheBusOnly() {
    noClasses()
        .that()
        .resideOutsideOfPackage("app.blenner.server.change..")
        .should()
        .dependOnClassesThat()
        .haveFullyQualifiedName(ApplicationEventPublisher.class.getName())
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName(TransactionalEventListener.class.getName())
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName(EventListener.class.getName())
        .check(server);
  }

  /** A change that holds an entity, or anything else of this process, could not be sent to another server. */
  @Test
  public void changesAreMadeOfPlainValues() {
    List<Class<?>> changes =
        server.stream()
            .filter(c -> c.isAssignableTo(Change.class) && !c.isInterface())
            .<Class<?>>map(JavaClass::reflect)
            .toList();
    assertTrue(changes.size() > 5, "no changes found");
    List<String> others =
        changes.stream()
            .flatMap(c -> c.isRecord() ? Stream.of(c.getRecordComponents()) : Stream.of())
            .filter(part -> !isPlain(part.getGenericType()))
            .map(part -> part.getDeclaringRecord().getSimpleName() + "." + part.getName())
            .toList();
    assertEquals(others, List.of());
    assertEquals(changes.stream().filter(c -> !c.isRecord()).toList(), List.of());
  }

  private static boolean isPlain(Type type) {
    if (type instanceof ParameterizedType many) {
      return Collection.class.isAssignableFrom((Class<?>) many.getRawType())
          && Stream.of(many.getActualTypeArguments()).allMatch(ServerArchitectureTest::isPlain);
    }
    return type instanceof Class<?> one
        && (one.isPrimitive() || one.isEnum() || one == String.class);
  }

  /** What is kept of texts has one who tells it, so that nobody forgets one of them. */
  @Test
  public void whatIsKeptOfTextsIsToldInOnePlace() {
    noClasses()
        .that()
        .doNotHaveFullyQualifiedName(ItemTexts.class.getName())
        .should()
        .callMethodWhere(
            DescribedPredicate.describe(
                "what is kept of texts is told by somebody else",
                (JavaMethodCall call) ->
                    call.getTargetOwner().isAssignableTo(KeptOfText.class)
                        && Set.of("written", "hidden", "forgotten").contains(call.getName())))
        .check(server);
    assertTrue(
        server.stream().filter(c -> c.isAssignableTo(KeptOfText.class) && !c.isInterface()).count()
            > 4);
  }

  /** Where there are several servers, this is the one place that decides which of them does it. */
  @Test
  public void theClockHasOneScheduler() {
    noClasses()
        .that()
        .resideOutsideOfPackage("app.blenner.server.schedule..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("org.springframework.scheduling..")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName(Executors.class.getName())
        .check(server);
  }
}
