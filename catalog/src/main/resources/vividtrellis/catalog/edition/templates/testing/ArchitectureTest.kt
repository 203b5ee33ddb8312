package {{package}}

import com.tngtech.archunit.core.importer.ClassFileImporter
import com.tngtech.archunit.core.importer.ImportOption
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
}
