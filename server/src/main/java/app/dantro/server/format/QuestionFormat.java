package app.dantro.server.format;

import app.dantro.core.slip.Slip;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was asked about a reading, and what was answered (docs/formats/case-v1.md). */
final class QuestionFormat {
    private QuestionFormat() {}

    /** A question with its answer, if it has one. */
    record Asked(Slip slip, Optional<Slip.Answer> answer) {}

    static Asked read(JsonFields json) {
        json.knows("kind", "says", "choices", "answer");
        List<Slip.Choice> choices = new ArrayList<>();
        for (JsonFields choice : json.objects("choices")) {
            choice.knows("answer", "label", "volts");
            choices.add(new Slip.Choice(
                    choice.choice("answer", Slip.Answer.class, Slip.Answer.AS_READ),
                    choice.text("label"),
                    choice.optionalNumber("volts")));
            choice.done();
        }
        Optional<Slip.Answer> answer = json.has("answer")
                ? Optional.of(json.choice("answer", Slip.Answer.class, Slip.Answer.AS_READ))
                : Optional.empty();
        Slip slip = new Slip(json.choice("kind", Slip.Kind.class, Slip.Kind.DECIMAL), json.text("says"), choices);
        answer.filter(given -> choices.stream().noneMatch(c -> c.answer() == given))
                .ifPresent(given -> {
                    throw new BadFile(
                            json.path("answer"),
                            "The answer (%s) is none of the choices.".formatted(JsonFields.key(given)));
                });
        json.done();
        return new Asked(slip, answer);
    }

    static ObjectNode write(Slip slip, Optional<Slip.Answer> answer) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("kind", JsonFields.key(slip.kind())).put("says", slip.sentence());
        ArrayNode choices = json.putArray("choices");
        for (Slip.Choice choice : slip.choices()) {
            ObjectNode one = choices.addObject()
                    .put("answer", JsonFields.key(choice.answer()))
                    .put("label", choice.label());
            choice.volts().ifPresent(v -> one.put("volts", v));
        }
        answer.ifPresent(a -> json.put("answer", JsonFields.key(a)));
        return json;
    }
}
