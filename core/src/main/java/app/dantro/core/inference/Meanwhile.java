package app.dantro.core.inference;

import java.util.List;
import java.util.stream.IntStream;

/** Which amps flowed while volts were read. */
final class Meanwhile {
    private Meanwhile() {}

    /** Of each observation of volts the number of the amps that flowed meanwhile; −1 where nobody measured them. */
    static int[] amps(List<Observation> observations) {
        return IntStream.range(0, observations.size())
                .map(i -> of(observations, observations.get(i)))
                .toArray();
    }

    /** The amps that came with a reading, else those of its moment; of another crank if there are none, since cranks are alike. */
    private static int of(List<Observation> observations, Observation volts) {
        int meanwhile = -1;
        for (int j = 0; volts.what().isVolts() && j < observations.size(); j++) {
            Observation o = observations.get(j);
            boolean amps = o.what() instanceof Observable.Amps;
            if (!amps || o.what().condition() != volts.what().condition()) {
                continue;
            }
            if (o.reading().equals(volts.reading())) {
                return j;
            }
            boolean alike = o.moment() == volts.moment() || o.what().condition().starterCalled();
            meanwhile = alike ? j : meanwhile;
        }
        return meanwhile;
    }
}
