package {{package}}

{{#byLayer}}
import static com.tngtech.archunit.library.Architectures.layeredArchitecture
{{/byLayer}}
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
{{#byLayer}}

    @Test
    void layersUseOnlyThoseBelow() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .withOptionalLayers(true)
                .layer('web')
                .definedBy(CODE + '.web..')
                .layer('service')
                .definedBy(CODE + '.service..')
                .layer('storage')
                .definedBy(CODE + '.storage..')
                .whereLayer('web')
                .mayNotBeAccessedByAnyLayer()
                .whereLayer('service')
                .mayOnlyBeAccessedByLayers('web')
                .whereLayer('storage')
                .mayNotBeAccessedByAnyLayer()
                .check(classes)
    }
{{/byLayer}}
}
