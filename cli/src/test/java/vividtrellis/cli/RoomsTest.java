package vividtrellis.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

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
}
