package {{package}}

import com.tngtech.archunit.core.importer.ClassFileImporter
import com.tngtech.archunit.core.importer.ImportOption
{{#byLayer}}
import com.tngtech.archunit.library.Architectures.layeredArchitecture
{{/byLayer}}
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices
import org.junit.jupiter.api.Test

/** Which package may use which. */
class ArchitectureTest {
    private val code = ArchitectureTest::class.java.packageName
    private val classes =
        ClassFileImporter()
            .withImportOption(ImportOption.DoNotIncludeTests())
            .importPackages(code)

    @Test
    fun packagesDoNotGoInCircles() {
        slices()
            .matching(code + ".(*)..")
            .should()
            .beFreeOfCycles()
            .allowEmptyShould(true)
            .check(classes)
    }
{{#byLayer}}

    @Test
    fun layersUseOnlyThoseBelow() {
        layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .withOptionalLayers(true)
            .layer("web")
            .definedBy(code + ".web..")
            .layer("service")
            .definedBy(code + ".service..")
            .layer("storage")
            .definedBy(code + ".storage..")
            .whereLayer("web")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("service")
            .mayOnlyBeAccessedByLayers("web")
            .whereLayer("storage")
            .mayNotBeAccessedByAnyLayer()
            .check(classes)
    }
{{/byLayer}}
}
