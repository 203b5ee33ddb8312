package {{package}}

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices

import com.tngtech.archunit.core.domain.JavaClasses
import com.tngtech.archunit.core.importer.ClassFileImporter
import com.tngtech.archunit.core.importer.ImportOption
import org.junit.jupiter.api.Test

/** Which package may use which. */
class ArchitectureTest {

    private static final String CODE = ArchitectureTest.packageName

    private final JavaClasses classes = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages(CODE)

    @Test
    void packagesDoNotGoInCircles() {
        slices().matching(CODE + '.(*)..')
                .should()
                .beFreeOfCycles()
                .allowEmptyShould(true)
                .check(classes)
    }
}
