package app.dantro.server.format;

import app.dantro.core.circuit.Loop;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.procedure.Basis;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;

/** What a case is judged by (docs/formats/case-v1.md). */
public final class BasisFormat {
    private BasisFormat() {}

    static Basis read(JsonFields json) {
        json.knows("judgement", "priors", "limits", "meters", "own_limits");
        Basis basis = new Basis(
                version(json, "judgement"),
                version(json, "priors"),
                version(json, "limits"),
                version(json, "meters"),
                own(json.objects("own_limits")));
        json.done();
        return basis;
    }

    static ObjectNode write(Basis basis) {
        ObjectNode json = versions(basis);
        json.set("own_limits", write(basis.own()));
        return json;
    }

    static ObjectNode versions(Basis basis) {
        return JsonFields.MAPPER
                .createObjectNode()
                .put("judgement", basis.judgement())
                .put("priors", basis.priors())
                .put("limits", basis.limits())
                .put("meters", basis.meters());
    }

    /** The shop's own sets as one text. */
    public static String text(OwnSets own) {
        return write(own).toString();
    }

    /** The same back. */
    public static OwnSets own(String text) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.set("own_limits", JsonFields.tree(text));
        return own(JsonFields.of(json, "$").objects("own_limits"));
    }

    private static int version(JsonFields json, String field) {
        double number = json.number(field);
        if (number < 0 || number > Integer.MAX_VALUE || number != Math.rint(number)) {
            throw new BadFile(json.path(field), "A version is a whole number, 0 or more.");
        }
        return (int) number;
    }

    private static ArrayNode write(OwnSets own) {
        ArrayNode sets = JsonFields.MAPPER.createArrayNode();
        for (OwnSets.Version v : own.versions()) {
            ObjectNode json = sets.addObject()
                    .put("loop", JsonFields.key(v.loop()))
                    .put("name", v.limits().name())
                    .put("version", v.number());
            v.limits().supplyVolts().ifPresent(volts -> json.put("supply_volts", volts));
            v.limits().returnVolts().ifPresent(volts -> json.put("return_volts", volts));
            json.put("source", v.limits().notes()).put("since_ms", v.sinceMillis());
        }
        return sets;
    }

    private static OwnSets own(List<JsonFields> sets) {
        return new OwnSets(sets.stream().map(BasisFormat::set).toList());
    }

    private static OwnSets.Version set(JsonFields json) {
        json.knows("loop", "name", "version", "supply_volts", "return_volts", "source", "since_ms");
        Loop loop = json.choice("loop", Loop.class, Loop.STARTING);
        School limits = School.own(
                json.text("name"), volts(json, "supply_volts"), volts(json, "return_volts"), json.text("source"));
        OwnSets.Version version =
                new OwnSets.Version(loop, version(json, "version"), limits, (long) json.number("since_ms"));
        json.done();
        return version;
    }

    private static Optional<Double> volts(JsonFields json, String field) {
        Optional<Double> volts = json.optionalNumber(field);
        volts.filter(v -> !School.canAllow(v)).ifPresent(v -> {
            throw new BadFile(json.path(field), School.CAN_ALLOW.formatted(v));
        });
        return volts;
    }
}
