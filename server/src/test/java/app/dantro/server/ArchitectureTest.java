package app.dantro.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "app.dantro", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule coreKnowsNothingOfTheServer = noClasses()
            .that()
            .resideInAPackage("app.dantro.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("app.dantro.server..");

    @ArchTest
    static final ArchRule featuresDependOnCasesNeverTheReverse = noClasses()
            .that()
            .resideInAPackage("app.dantro.server.job")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "app.dantro.server.reading",
                    "app.dantro.server.event",
                    "app.dantro.server.instrument",
                    "app.dantro.server.demo",
                    "app.dantro.server.live");

    @ArchTest
    static final ArchRule onlyStoresAndTheDatabasePackageSpeakSql = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Store")
            .and()
            .resideOutsideOfPackage("app.dantro.server.db")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.sql", "org.springframework.jdbc..");
}
