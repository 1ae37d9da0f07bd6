package app.dantro.server;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

@AnalyzeClasses(packages = "app.dantro", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule coreKnowsNothingOfTheServer = noClasses()
            .that()
            .resideInAPackage("app.dantro.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("app.dantro.server..");

    private static final String SERVER = "app.dantro.server.";

    private static final Set<String> RULES = Set.of(
            "inference",
            "slip",
            "fact",
            "figure",
            "starting",
            "charging",
            "profile",
            "schools",
            "standing",
            "planning",
            "procedure");

    /** Every room of the server and what each may know; one that is not listed, or an arrow that is not, fails the build. */
    private static final String MAY_KNOW = """
            problem:
            format: problem
            seal:
            db: seal
            store: format problem seal
            view: store
            assess: store
            job: assess db format problem store view
            time:
            live: assess problem store
            reading: job live problem store view
            event: job live problem store view
            photo: job live problem store view
            circuit: format job live problem store
            charging: job view
            limits: job problem store view
            runsheet: job store
            instrument: job problem store
            exchange: event format job problem reading store view
            seat: event job live problem store time
            device: job live problem store time
            guard: device problem
            vehicle: job problem store
            due: problem store
            log: assess job problem store view
            health: assess backup db live
            backup: db problem seal
            demo: event format instrument job reading store
            generate: format instrument job reading store
            """;

    private static final Map<String, List<String>> ROOMS = rooms();

    private static Map<String, List<String>> rooms() {
        Map<String, List<String>> rooms = new LinkedHashMap<>();
        for (String line : MAY_KNOW.lines().toList()) {
            String[] names = line.split(":? ");
            rooms.put(names[0].replace(":", ""), List.of(names).subList(1, names.length));
        }
        return rooms;
    }

    @ArchTest
    static final ArchRule arrowsRunOneWay = arrows();

    private static ArchRule arrows() {
        var layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String room : ROOMS.keySet()) {
            layers = layers.layer(room).definedBy(SERVER + room);
        }
        for (Map.Entry<String, List<String>> room : ROOMS.entrySet()) {
            layers = room.getValue().isEmpty()
                    ? layers.whereLayer(room.getKey()).mayNotAccessAnyLayer()
                    : layers.whereLayer(room.getKey())
                            .mayOnlyAccessLayers(room.getValue().toArray(String[]::new));
        }
        return layers;
    }

    @ArchTest
    static final ArchRule everyFeatureIsListed = classes()
            .that()
            .resideInAPackage("app.dantro.server..")
            .and()
            .resideOutsideOfPackage("app.dantro.server")
            .should()
            .resideInAnyPackage(ROOMS.keySet().stream().map(r -> SERVER + r).toArray(String[]::new));

    /** Plain words of the core, such as a condition, may be named in an address; its values stay behind a view. */
    @ArchTest
    static final ArchRule noControllerExposesATypeOfTheCore = methods()
            .that()
            .areDeclaredInClassesThat()
            .haveSimpleNameEndingWith("Controller")
            .and()
            .areNotPrivate()
            .should(new ArchCondition<JavaMethod>("neither take nor give types of the core") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                    Stream.concat(
                                    method.getReturnType().getAllInvolvedRawTypes().stream(),
                                    method.getParameterTypes().stream()
                                            .flatMap(t -> t.getAllInvolvedRawTypes().stream()))
                            .filter(t -> t.getPackageName().startsWith("app.dantro.core") && !t.isEnum())
                            .forEach(t -> events.add(SimpleConditionEvent.violated(
                                    method, "%s exposes %s".formatted(method.getFullName(), t.getName()))));
                }
            });

    /** A view maps what an assessment says; the doors through which a judgement is made stay shut to it. */
    @ArchTest
    static final ArchRule noViewJudges = noClasses()
            .that()
            .resideInAPackage("app.dantro.server.view")
            .or()
            .haveSimpleNameEndingWith("View")
            .should()
            .callMethodWhere(describe("a static method of a rule", call -> {
                JavaClass owner = call.getTargetOwner();
                return RULES.contains(owner.getPackageName().replace("app.dantro.core.", ""))
                        && !owner.getSimpleName().endsWith("Words")
                        && !owner.getSimpleName().equals("Cautions")
                        && !owner.isEnum()
                        && call.getTarget().resolveMember().stream()
                                .anyMatch(m -> m.getModifiers().contains(JavaModifier.STATIC));
            }));

    @ArchTest
    static final ArchRule onlyStoresAndTheDatabasePackageSpeakSql = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Store")
            .and()
            .resideOutsideOfPackages("app.dantro.server.db", "app.dantro.server.seal")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.sql", "org.springframework.jdbc..");
}
