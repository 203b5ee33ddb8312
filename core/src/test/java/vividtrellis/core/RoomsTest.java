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
          .definedBy("..core.compat..")
          .layer("template")
          .definedBy("..core.template")
          .layer("tree")
          .definedBy("..core.tree")
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
          .whereLayer("template")
          .mayOnlyBeAccessedByLayers("tree", "plan", "render")
          .whereLayer("tree")
          .mayOnlyBeAccessedByLayers("plan", "render")
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
  static final ArchRule whatJudgesIsJoinedOneWay =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("answers")
          .definedBy("..core.compat")
          .layer("finding")
          .definedBy("..compat.finding")
          .layer("rules")
          .definedBy("..compat.rules")
          .layer("encoding")
          .definedBy("..compat.encoding")
          .layer("feasibility")
          .definedBy("..compat.feasibility")
          .layer("repair")
          .definedBy("..compat.repair")
          .layer("lattice")
          .definedBy("..compat.lattice")
          .layer("judging")
          .definedBy("..compat.judging")
          .whereLayer("answers")
          .mayNotAccessAnyLayer()
          .whereLayer("finding")
          .mayOnlyAccessLayers("answers")
          .whereLayer("rules")
          .mayOnlyAccessLayers("answers", "finding")
          .whereLayer("encoding")
          .mayOnlyAccessLayers("answers", "finding", "rules")
          .whereLayer("feasibility")
          .mayOnlyAccessLayers("answers", "finding", "encoding")
          .whereLayer("repair")
          .mayOnlyAccessLayers("answers", "finding", "encoding", "feasibility")
          .whereLayer("lattice")
          .mayOnlyAccessLayers("answers", "finding", "encoding", "feasibility")
          .whereLayer("judging")
          .mayNotBeAccessedByAnyLayer();

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
