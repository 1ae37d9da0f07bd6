package app.dantro.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Writes amounts the way a meter shows them, for sentences. Arguments are in SI base units. */
public final class Amount {
    private Amount() {}

    /** Volts with the digits of a resolution, "0.27 V" for 10 mV, "0.271 V" for 1 mV. */
    public static String volts(double volts, double resolutionVolts) {
        int digits = (int) Math.max(0, Math.min(4, Math.round(-Math.log10(resolutionVolts))));
        return number(volts, digits) + " V";
    }

    /** Volts of an estimate or a limit: two digits that mean something, millivolts where they are small. */
    public static String volts(double volts) {
        return number(volts, Math.abs(volts) < 0.0995 ? 3 : 2) + " V";
    }

    public static String amps(double amps) {
        return number(amps, Math.abs(amps) < 9.95 ? 1 : 0) + " A";
    }

    public static String milliohms(double ohms) {
        double milli = ohms * 1e3;
        return number(milli, Math.abs(milli) < 0.995 ? 2 : Math.abs(milli) < 99.95 ? 1 : 0) + " mΩ";
    }

    /** Ohms of anything: in milliohms below one. */
    public static String ohms(double ohms) {
        return ohms >= 1 ? number(ohms, ohms < 9.95 ? 1 : 0) + " Ω" : milliohms(ohms);
    }

    private static String number(double value, int digits) {
        String text =
                BigDecimal.valueOf(value).setScale(digits, RoundingMode.HALF_UP).toPlainString();
        return text.startsWith("-") ? "−" + text.substring(1) : text;
    }
}
