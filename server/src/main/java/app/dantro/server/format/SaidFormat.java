package app.dantro.server.format;

import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.finding.Standing;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Stage;
import app.dantro.core.record.Topic;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What a case said when it closed (docs/formats/case-v1.md). */
public final class SaidFormat {
    private static final int MOST_CHARACTERS = 2000;

    private SaidFormat() {}

    /** The closing as one text. */
    public static String text(AsSaid said) {
        return write(said).toString();
    }

    /** The same back. */
    public static AsSaid parse(String text) {
        return read(JsonFields.of(JsonFields.tree(text), "$"));
    }

    static AsSaid read(JsonFields json) {
        json.knows("stage", "headline", "parts", "figures");
        Stage stage = json.choice("stage", Stage.class, Stage.VERIFIED);
        if (!stage.closed()) {
            throw new BadFile(json.path("stage"), "A closing is verified or closed.");
        }
        List<AsSaid.Part> parts = new ArrayList<>();
        for (JsonFields part : json.objects("parts")) {
            AsSaid.Part said = part(part);
            if (parts.stream().anyMatch(p -> p.part().equals(said.part()))) {
                throw new BadFile(part.path("part"), "The part (%s) has a standing already.".formatted(said.part()));
            }
            parts.add(said);
        }
        AsSaid said = new AsSaid(
                stage,
                sentence(json, "headline"),
                parts,
                json.objects("figures").stream().map(SaidFormat::figure).toList());
        json.done();
        return said;
    }

    private static String sentence(JsonFields json, String field) {
        String text = json.text(field);
        if (text.length() > MOST_CHARACTERS) {
            throw new BadFile(
                    json.path(field),
                    "This has %d characters; what a case says has at most %d."
                            .formatted(text.length(), MOST_CHARACTERS));
        }
        return text;
    }

    private static AsSaid.Part part(JsonFields json) {
        json.knows("part", "name", "standing", "says");
        AsSaid.Part part = new AsSaid.Part(
                JsonIds.partId(json, "part"),
                sentence(json, "name"),
                json.choice("standing", Standing.class, Standing.NOT_PROVEN),
                sentence(json, "says"));
        json.done();
        return part;
    }

    private static AsSaid.Figure figure(JsonFields json) {
        json.knows("topics", "what", "shown", "sign", "says");
        AsSaid.Figure figure = new AsSaid.Figure(
                topics(json),
                sentence(json, "what"),
                sentence(json, "shown"),
                json.choice("sign", FigureVerdict.Sign.class, FigureVerdict.Sign.SAYS_LITTLE),
                sentence(json, "says"));
        json.done();
        return figure;
    }

    private static List<Topic> topics(JsonFields json) {
        List<Topic> topics = new ArrayList<>();
        for (Map.Entry<String, JsonNode> topic : json.list("topics").entrySet()) {
            topics.add(JsonFields.choice(topic.getKey(), topic.getValue().asText(), Topic.class));
        }
        return topics;
    }

    static ObjectNode write(AsSaid said) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("stage", JsonFields.key(said.stage())).put("headline", said.headline());
        ArrayNode parts = json.putArray("parts");
        said.parts()
                .forEach(p -> parts.addObject()
                        .put("part", p.part().value())
                        .put("name", p.name())
                        .put("standing", JsonFields.key(p.standing()))
                        .put("says", p.says()));
        ArrayNode figures = json.putArray("figures");
        for (AsSaid.Figure f : said.figures()) {
            ObjectNode figure = figures.addObject();
            ArrayNode topics = figure.putArray("topics");
            f.topics().forEach(t -> topics.add(JsonFields.key(t)));
            figure.put("what", f.what())
                    .put("shown", f.shown())
                    .put("sign", JsonFields.key(f.sign()))
                    .put("says", f.says());
        }
        return json;
    }
}
