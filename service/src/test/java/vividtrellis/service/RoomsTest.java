package vividtrellis.service;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;

@AnalyzeClasses(packages = "vividtrellis", importOptions = DoNotIncludeTests.class)
class RoomsTest {

  @ArchTest
  static final ArchRule coreAndCatalogKnowNoService =
      noClasses()
          .that()
          .resideInAnyPackage("vividtrellis.core..", "vividtrellis.catalog..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "vividtrellis.service..", "vividtrellis.cli..", "org.springframework..");

  @ArchTest
  static final ArchRule coreKnowsNoCatalog =
      noClasses()
          .that()
          .resideInAPackage("vividtrellis.core..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("vividtrellis.catalog..");

  @ArchTest
  static final ArchRule httpKnowsNoDatabase =
      noClasses()
          .that()
          .resideInAPackage("..service.http")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("jakarta.persistence..", "org.hibernate..", "java.sql..");

  @ArchTest
  static final ArchRule recordsHaveOneDoor =
      classes()
          .that()
          .resideInAPackage("..service.records")
          .and()
          .arePublic()
          .should()
          .haveSimpleName("RecordKeeper")
          .orShould()
          .haveSimpleName("State");

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
