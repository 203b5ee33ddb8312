package vividtrellis.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;

@AnalyzeClasses(packages = "vividtrellis.cli", importOptions = DoNotIncludeTests.class)
class RoomsTest {

  @ArchTest
  static final ArchRule theCommandLineJudgesNothingItself =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "vividtrellis.core.compat..",
              "vividtrellis.core.plan..",
              "vividtrellis.core.render..",
              "vividtrellis.catalog..",
              "vividtrellis.service..",
              "org.springframework..");

  @ArchTest
  static final ArchRule roomsAreJoinedOneWay =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("commands")
          .definedBy("vividtrellis.cli")
          .layer("terminal")
          .definedBy("..cli.terminal")
          .layer("api")
          .definedBy("..cli.api")
          .layer("files")
          .definedBy("..cli.files")
          .layer("view")
          .definedBy("..cli.view")
          .layer("interview")
          .definedBy("..cli.interview")
          .whereLayer("commands")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("terminal")
          .mayNotAccessAnyLayer()
          .whereLayer("api")
          .mayOnlyAccessLayers("terminal")
          .whereLayer("files")
          .mayOnlyAccessLayers("terminal")
          .whereLayer("view")
          .mayOnlyAccessLayers("terminal", "api", "files")
          .whereLayer("interview")
          .mayOnlyAccessLayers("terminal", "api");

  /** In what order a reader can take the classes: each after those that it needs. */
  @ArchTest
  static final ArchRule noClassesNeedEachOther =
      slices()
          .assignedFrom(
              new SliceAssignment() {
                @Override
                public SliceIdentifier getIdentifierOf(JavaClass type) {
                  return SliceIdentifier.of(type.getName().replaceFirst("\\$.*", ""));
                }

                @Override
                public String getDescription() {
                  return "files";
                }
              })
          .should()
          .beFreeOfCycles();
}
