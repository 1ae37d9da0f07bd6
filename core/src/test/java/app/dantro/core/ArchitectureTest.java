package app.dantro.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "app.dantro.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule importsTheJdkOnly = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("app.dantro.core..", "java.lang..", "java.util..", "java.math..");

    @ArchTest
    static final ArchRule arrowsRunOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("circuit")
            .definedBy("app.dantro.core.circuit")
            .layer("network")
            .definedBy("app.dantro.core.network")
            .layer("reading")
            .definedBy("app.dantro.core.reading")
            .layer("limits")
            .definedBy("app.dantro.core.limits")
            .layer("inference")
            .definedBy("app.dantro.core.inference")
            .layer("diagnosis")
            .definedBy("app.dantro.core.diagnosis")
            .layer("planning")
            .definedBy("app.dantro.core.planning")
            .layer("procedure")
            .definedBy("app.dantro.core.procedure")
            .whereLayer("circuit")
            .mayNotAccessAnyLayer()
            .whereLayer("network")
            .mayOnlyAccessLayers("circuit")
            .whereLayer("reading")
            .mayOnlyAccessLayers("circuit")
            .whereLayer("limits")
            .mayOnlyAccessLayers("circuit")
            .whereLayer("inference")
            .mayOnlyAccessLayers("circuit", "network", "reading")
            .whereLayer("diagnosis")
            .mayOnlyAccessLayers("circuit", "network", "reading", "limits", "inference")
            .whereLayer("planning")
            .mayOnlyAccessLayers("circuit", "network", "reading", "limits", "inference", "diagnosis")
            .whereLayer("procedure")
            .mayOnlyAccessLayers("circuit", "network", "reading", "limits", "inference", "diagnosis", "planning");
}
