package app.dantro.server.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.VehicleField;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What can be noted of a vehicle, as people type it. */
class DetailCheckTest {
    @ParameterizedTest
    @CsvSource({"2023-04,2023-04", "4/2023,2023-04", "11.2019,2019-11", "2021,2021", "2021-3,2021-03"})
    void aMonthIsTakenAsItIsTyped(String typed, String noted) {
        assertThat(DetailCheck.checked(VehicleField.FITTED, typed)).isEqualTo(noted);
    }

    @ParameterizedTest
    @ValueSource(strings = {"13/2023", "2999-01", "April", "0023-04", "1/1/2023"})
    void noMonthIsRefused(String typed) {
        assertThatThrownBy(() -> DetailCheck.checked(VehicleField.FITTED, typed))
                .isInstanceOf(ProblemException.class)
                .hasMessageContaining(typed);
    }

    @Test
    void coldCrankingAmpsAreANumber() {
        assertThat(DetailCheck.checked(VehicleField.COLD_CRANKING, "680 A")).isEqualTo("680");
        assertThatThrownBy(() -> DetailCheck.checked(VehicleField.COLD_CRANKING, "6.8"))
                .hasMessageContaining("such as 680");
    }

    /** Sixteen ones and a check digit: the weights add up to 89, which leaves 1 of 11 (49 CFR 565.15(c)). */
    @Test
    void aCheckDigitIsHintedAtOnlyWhereNumbersHaveOne() {
        assertThat(DetailCheck.hint(VehicleField.VIN, "11111111111111111")).isEmpty();
        assertThat(DetailCheck.hint(VehicleField.VIN, "11111111211111111")).contains("(2)");
        assertThat(DetailCheck.hint(VehicleField.VIN, "W1111111211111111")).isEmpty();
        assertThat(DetailCheck.hint(VehicleField.PLATE, "11111111211111111")).isEmpty();
    }
}
