package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.MeterRange;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * No table changes without its version: raise the version in the class that is named, and put the new print here. Else
 * nobody would see that a closed case was judged otherwise.
 */
class BasisTest {
    @Test
    void thePriorsAreThoseOfTheirVersion() throws Exception {
        String weights = Arrays.stream(PartKind.values())
                .map(k -> k + "=" + k.assumedFaultWeight())
                .collect(Collectors.joining(" "));
        assertThat(PreparedCircuit.PRIORS_VERSION
                        + ": "
                        + print(weights + constants("app.dantro.core.inference.Priors")))
                .isEqualTo("2: 53bd20fdc5da4405");
    }

    @Test
    void theLimitsAreThoseOfTheirVersion() throws Exception {
        String schools = Stream.of(Loop.values())
                .flatMap(l -> School.of(l).stream())
                .map(s -> "%s %s %s".formatted(s.id(), s.supplyVolts(), s.returnVolts()))
                .collect(Collectors.joining("; "));
        assertThat(School.TABLE_VERSION
                        + ": "
                        + print(schools
                                + constants(School.class.getName())
                                + constants(CrankingLimit.class.getName())
                                + constants(StateOfCharge.class.getName())))
                .isEqualTo("2: fd1d6c4fc702c9b9");
    }

    @Test
    void theMetersAreThoseOfTheirVersion() throws Exception {
        String ranges = Arrays.stream(MeterRange.values())
                .map(r -> r.fullScaleVolts() + "/" + r.resolutionVolts())
                .collect(Collectors.joining(" "));
        String currents =
                Arrays.stream(Current.How.values()).map(BasisTest::values).collect(Collectors.joining(" "));
        assertThat(MeterError.VERSION + ": " + print(ranges + currents + constants(MeterError.class.getName())))
                .isEqualTo("2: 0b81fa6856159d2d");
    }

    @Test
    void aClosingOfAnotherVersionIsNotOfThisProgram() {
        Basis now = Basis.with(OwnSets.none());
        assertThat(now.ofThisProgram()).isTrue();
        assertThat(new Basis(now.judgement() - 1, now.priors(), now.limits(), now.meters(), now.own()).ofThisProgram())
                .isFalse();
        assertThat(new Basis(now.judgement() - 1, now.priors() + 1, now.limits(), now.meters(), now.own())
                        .ofANewerProgram())
                .isTrue();
        assertThat(now.ofANewerProgram()).isFalse();
        OwnSets own = new OwnSets(List.of(new OwnSets.Version(
                Loop.STARTING, 1, School.own("Strict", Optional.of(0.05), Optional.empty(), "ours"), 5)));
        assertThat(new Basis(now.judgement(), now.priors(), now.limits(), now.meters(), own).ofThisProgram())
                .as("own limits are values, any program can hold readings against them")
                .isTrue();
    }

    /** All numbers a class holds. */
    private static String constants(String type) throws ClassNotFoundException {
        return Arrays.stream(Class.forName(type).getDeclaredFields())
                .filter(f -> Modifier.isStatic(f.getModifiers()))
                .filter(f -> f.getType().isPrimitive() || f.getType() == double[].class)
                .filter(f -> !f.getName().endsWith("VERSION"))
                .map(f -> f.getName() + "=" + value(f, null))
                .sorted()
                .collect(Collectors.joining(" "));
    }

    private static String values(Enum<?> constant) {
        return Arrays.stream(constant.getDeclaringClass().getDeclaredFields())
                .filter(f -> f.getType() == double.class && !Modifier.isStatic(f.getModifiers()))
                .map(f -> Objects.toString(value(f, constant)))
                .collect(Collectors.joining(","));
    }

    private static Object value(Field field, Object of) {
        try {
            field.setAccessible(true);
            return field.get(of) instanceof double[] row ? Arrays.toString(row) : field.get(of);
        } catch (IllegalAccessException e) {
            throw new AssertionError(e);
        }
    }

    /** Short, and another one for any other text. */
    static String print(String text) throws NoSuchAlgorithmException {
        byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
        return HexFormat.of().formatHex(digest, 0, 8);
    }
}
