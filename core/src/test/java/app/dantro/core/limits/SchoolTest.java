package app.dantro.core.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SchoolTest {
    private final SeriesLoop van = StartingLoop.of(ReadyMadeCircuits.petrolBodyReturn());
    private final School threeAndFive = School.starting().get(0);
    private final School bySize = School.starting().get(1);
    private final School total = School.starting().get(3);

    @ParameterizedTest
    @CsvSource({"0.20, PASSES", "0.28, MARGINAL", "0.32, MARGINAL", "0.40, FAILS"})
    void threeTenthsHoldUpToTheBatteryStud(double volts, SchoolVerdict verdict) {
        assertThat(threeAndFive.judge(van, stretch("post-plus", "battery-stud"), volts, 0.01))
                .isEqualTo(verdict);
    }

    @Test
    void aPieceOfASideMayFailItsLimitButNeverPassesIt() {
        assertThat(threeAndFive.judge(van, stretch("block", "strap-engine"), 0.02, 0.001))
                .isEqualTo(SchoolVerdict.SILENT);
        assertThat(threeAndFive.judge(van, stretch("block", "strap-engine"), 2.6, 0.01))
                .isEqualTo(SchoolVerdict.FAILS);
    }

    @Test
    void aWindowIsCalledTheSameInEveryLanguage() {
        Locale before = Locale.getDefault();
        Locale.setDefault(Locale.GERMANY);
        try {
            assertThat(VoltageWindow.regulated())
                    .extracting(VoltageWindow::school)
                    .contains("13.5 to 14.5");
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void contactsAreJudgedApart() {
        assertThat(threeAndFive.judge(van, stretch("post-plus", "motor-stud"), 0.45, 0.01))
                .isEqualTo(SchoolVerdict.SILENT);
    }

    @Test
    void schoolsPartOverTheSameReturnDrop() {
        Stretch whole = stretch("starter-case", "post-minus");
        assertThat(threeAndFive.judge(van, whole, 0.40, 0.01)).isEqualTo(SchoolVerdict.PASSES);
        assertThat(bySize.judge(van, whole, 0.40, 0.01)).isEqualTo(SchoolVerdict.FAILS);
        assertThat(total.judge(van, whole, 0.40, 0.01)).isEqualTo(SchoolVerdict.SILENT);
    }

    @Test
    void aCoarseMeterWidensTheMargin() {
        assertThat(threeAndFive.judge(van, stretch("starter-case", "post-minus"), 0.40, 0.15))
                .isEqualTo(SchoolVerdict.MARGINAL);
    }

    @ParameterizedTest
    @CsvSource({"30, 9.6", "21, 9.6", "18.5, 9.55", "-1, 9.1", "-18, 8.5", "-30, 8.5"})
    void theCrankingLimitFallsWithTheCold(double celsius, double volts) {
        assertThat(CrankingLimit.voltsAt(celsius, 1)).isCloseTo(volts, within(1e-9));
    }

    private Stretch stretch(String red, String black) {
        return van.between(PointId.of(red), PointId.of(black));
    }
}
