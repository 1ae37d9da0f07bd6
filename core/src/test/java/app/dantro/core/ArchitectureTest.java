package app.dantro.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

@AnalyzeClasses(packages = "app.dantro.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final String CORE = "app.dantro.core.";

    @ArchTest
    static final ArchRule importsTheJdkOnly = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("app.dantro.core..", "java.lang..", "java.util..", "java.math..");

    /** What each room may know. A room that is not listed, or an arrow that is not, fails the build. */
    private static final String MAY_KNOW = """
            quantity:
            circuit:
            kit: circuit
            reading: quantity circuit
            limits: circuit
            network: circuit
            world: circuit kit network
            slip: quantity circuit reading
            record: circuit network reading slip
            fact: quantity circuit network reading limits record
            figure: quantity circuit network reading limits record
            inference: circuit network reading
            history: circuit network reading record inference
            finding: quantity circuit reading record fact inference
            starting: quantity circuit network reading limits record fact finding
            charging: quantity circuit network reading limits record figure finding
            profile: quantity circuit network reading limits record fact finding inference
            schools: quantity circuit reading limits record fact figure finding
            standing: quantity circuit network reading limits record fact figure inference finding starting charging
            planning: quantity circuit network reading record fact inference finding standing
            ending: quantity circuit reading limits record fact figure finding
            procedure: quantity circuit reading limits record fact figure inference finding starting profile schools standing planning ending
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
            layers = layers.layer(room).definedBy(CORE + room);
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
    static final ArchRule everyClassHasARoom = classes()
            .should()
            .resideInAnyPackage(ROOMS.keySet().stream().map(r -> CORE + r).toArray(String[]::new));

    /**
     * Rooms of plain values, which everyone may hold: the vocabulary of circuit, readings, limits and record, what is found,
     * and what is shown beside it.
     */
    private static final Set<String> VALUES =
            Set.of("quantity", "circuit", "reading", "limits", "record", "fact", "finding", "profile", "history");

    /** Plain values in a room of rules: the results of the charging side, which the screen takes as they are. */
    private static final Set<String> RESULTS = Set.of("FeedCheck", "GroundTree", "OutputSteps", "SensingEffects");

    private static final double MOST_PUBLIC = 0.55;

    @ArchTest
    static void aRoomWithRulesShowsItsFrontDoorOnly(JavaClasses all) {
        for (String room : ROOMS.keySet()) {
            List<JavaClass> types = all.stream()
                    .filter(c -> c.getPackageName().equals(CORE + room))
                    .filter(c -> c.getEnclosingClass().isEmpty()
                            && !c.getSimpleName().equals("package-info"))
                    .filter(c -> !(RESULTS.contains(c.getSimpleName()) && c.isRecord()))
                    .toList();
            long open = types.stream()
                    .filter(c -> c.getModifiers().contains(JavaModifier.PUBLIC))
                    .count();
            if (!VALUES.contains(room)) {
                assertThat((double) open / types.size())
                        .as("public share of %s", room)
                        .isLessThanOrEqualTo(MOST_PUBLIC);
            }
        }
    }
}
