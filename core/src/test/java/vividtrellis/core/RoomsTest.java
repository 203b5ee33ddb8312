package vividtrellis.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "vividtrellis.core", importOptions = DoNotIncludeTests.class)
class RoomsTest {

  @ArchTest
  static final ArchRule roomsAreJoinedOneWay =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("version")
          .definedBy("..core.version")
          .layer("document")
          .definedBy("..core.document")
          .layer("catalog")
          .definedBy("..core.catalog")
          .layer("brief")
          .definedBy("..core.brief")
          .layer("solver")
          .definedBy("..core.solver")
          .layer("compat")
          .definedBy("..core.compat")
          .layer("plan")
          .definedBy("..core.plan")
          .layer("render")
          .definedBy("..core.render")
          .layer("pack")
          .definedBy("..core.pack")
          .layer("compare")
          .definedBy("..core.compare")
          .whereLayer("compare")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("pack")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("render")
          .mayOnlyBeAccessedByLayers("pack", "compare")
          .whereLayer("plan")
          .mayOnlyBeAccessedByLayers("render")
          .whereLayer("compat")
          .mayOnlyBeAccessedByLayers("plan")
          .whereLayer("solver")
          .mayOnlyBeAccessedByLayers("compat")
          .whereLayer("brief")
          .mayOnlyBeAccessedByLayers("compat", "plan", "render", "pack")
          .whereLayer("catalog")
          .mayOnlyBeAccessedByLayers("compat", "plan", "render")
          .whereLayer("version")
          .mayOnlyBeAccessedByLayers("catalog", "compat", "plan");

  @ArchTest
  static final ArchRule noInterfacesToTheOutside =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..", "jakarta..", "java.net.http..", "java.sql..", "picocli..");

  @ArchTest
  static final ArchRule nothingThatVariesIsRead =
      noClasses()
          .should()
          .callMethod(System.class, "getenv", String.class)
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(java.time.Instant.class, "now")
          .orShould()
          .callMethod(java.time.LocalDate.class, "now")
          .orShould()
          .callMethod(java.util.Locale.class, "getDefault")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.util.Random");
}
