package app.dantro.core.quantity;

import java.util.Objects;

/** A number with its unit, or a name, as a reason carries it. */
public sealed interface Quantity {
    /** As it is spoken. */
    String words();

    static Quantity volts(double volts) {
        return new Volts(volts);
    }

    /** Volts as a meter showed them, with its digit. */
    static Quantity volts(double volts, double resolutionVolts) {
        return new Shown(volts, resolutionVolts);
    }

    /** Volts of a meter's digit, in millivolts where they are small. */
    static Quantity prefixed(double volts) {
        return new Named(volts >= 0.1 ? Amount.volts(volts, 0.1) : Math.round(volts * 1e4) / 10.0 + " mV");
    }

    static Quantity amps(double amps) {
        return new Amps(amps);
    }

    static Quantity ohms(double ohms) {
        return new Ohms(ohms);
    }

    static Quantity count(long number) {
        return new Count(number);
    }

    /** A share of one, spoken in per cent without the sign. */
    static Quantity percent(double share) {
        return new Count(Math.round(100 * share));
    }

    static Quantity named(String name) {
        return new Named(name);
    }

    /** Volts of an estimate or a limit. */
    record Volts(double volts) implements Quantity {
        @Override
        public String words() {
            return Amount.volts(volts);
        }
    }

    /** Volts with the digits of a display. */
    record Shown(double volts, double resolutionVolts) implements Quantity {
        @Override
        public String words() {
            return Amount.volts(volts, resolutionVolts);
        }
    }

    /** A current in amperes. */
    record Amps(double amps) implements Quantity {
        @Override
        public String words() {
            return Amount.amps(amps);
        }
    }

    /** A resistance in ohms, spoken in milliohms. */
    record Ohms(double ohms) implements Quantity {
        @Override
        public String words() {
            return Amount.milliohms(ohms);
        }
    }

    /** A whole number without a unit. */
    record Count(long number) implements Quantity {
        @Override
        public String words() {
            return Long.toString(number);
        }
    }

    /** What something is called. */
    record Named(String name) implements Quantity {
        public Named {
            Objects.requireNonNull(name, "name");
        }

        @Override
        public String words() {
            return name;
        }
    }
}
