package app.dantro.server.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.inference.Experience;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ExperienceFormatTest {
    private static final Experience REPAIRS =
            new Experience(Map.of(PartId.of("engine-strap"), 3), Map.of(PartId.of("crimp-battery"), 1));

    @Test
    void whatIsKeptWithACaseComesBack() {
        Experience all = new Experience(
                REPAIRS.alike(),
                REPAIRS.others(),
                Map.of(
                        PartKind.JOINT,
                        new CertifiedParts(12.25, -3.5, 9.125),
                        PartKind.CABLE,
                        new CertifiedParts(1, 0, 1)));
        assertThat(ExperienceFormat.parse(ExperienceFormat.text(all))).isEqualTo(all);
        assertThat(ExperienceFormat.text(all)).isEqualTo(ExperienceFormat.text(all));
    }

    /** Cases that were opened before healthy parts counted. */
    @Test
    void anOlderOneHasNoCertifiedParts() {
        String older = "{\"alike\":{\"engine-strap\":3},\"others\":{\"crimp-battery\":1}}";
        assertThat(ExperienceFormat.parse(older)).isEqualTo(REPAIRS);
        assertThat(ExperienceFormat.text(REPAIRS)).isEqualTo(older);
        assertThatThrownBy(() -> ExperienceFormat.parse("{\"alike\":{},\"others\":{},\"certified\":{\"rope\":{}}}"))
                .hasMessageContaining("rope");
    }
}
