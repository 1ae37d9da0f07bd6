package app.dantro.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TypedVoltsTest {

    static Stream<List<String>> rows() throws IOException {
        try (InputStream in = TypedVoltsTest.class.getResourceAsStream("/typed-volts.csv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> List.of(line.split(";", -1)));
        }
    }

    @ParameterizedTest
    @MethodSource("rows")
    void meansWhatTheTableSays(List<String> row) {
        if (row.get(1).isEmpty()) {
            assertThatThrownBy(() -> TypedVolts.parse(row.get(0)))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("The reading");
            return;
        }
        TypedVolts typed = TypedVolts.parse(row.get(0));
        assertThat(typed.volts()).isCloseTo(Double.parseDouble(row.get(1)), within(1e-12));
        assertThat(typed.resolutionVolts()).isCloseTo(Double.parseDouble(row.get(2)), within(1e-12));
    }

    @Test
    void refusesNothingAtAllInWords() {
        assertThatThrownBy(() -> TypedVolts.parse(null)).hasMessageContaining("is empty");
    }

    @Test
    void shortensEndlessTextInItsMessage() {
        assertThatThrownBy(() -> TypedVolts.parse("9".repeat(100_000)))
                .satisfies(e -> assertThat(e.getMessage().length()).isLessThan(250));
    }
}
