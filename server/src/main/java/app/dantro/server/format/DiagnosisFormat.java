package app.dantro.server.format;

import app.dantro.core.charging.WhatItNeeds;
import app.dantro.core.circuit.PartId;
import app.dantro.core.ending.Ending;
import app.dantro.core.finding.Doubt;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Basis;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.core.procedure.Step;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.standing.Foretold;
import app.dantro.core.standing.Verdict;
import app.dantro.core.standing.WhatIf;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;

/**
 * Standing of every part, contradictions and the next reading, as JSON (docs/formats/diagnosis-v1.schema.json). The faults
 * that a file states are not looked at.
 */
public final class DiagnosisFormat {
    private DiagnosisFormat() {}

    /** Judges the readings of a case file. */
    public static String of(CaseDocument document, OrderOfWork order) {
        return CaseFormat.pretty(json(document, order));
    }

    /** The same in one line. */
    public static String line(CaseDocument document, OrderOfWork order) {
        return json(document, order).toString();
    }

    private static ObjectNode json(CaseDocument document, OrderOfWork order) {
        CaseRecord evidence = WhatItNeeds.heard(
                CaseRecord.of(
                                document.circuit(),
                                document.state().celsius(),
                                document.readings(),
                                document.happened().repairs(),
                                document.happened().tests())
                        .with(Statements.of(document.happened().statements())),
                document.concern());
        PreparedCircuit prepared =
                PreparedCircuit.of(document.circuit(), document.state().celsius());
        OwnSets own = document.basis().map(Basis::own).orElseGet(OwnSets::none);
        Assessment now = order.assess(
                document.concern(),
                evidence,
                own,
                prepared,
                Foretold.by(prepared, Complaint.about(document.concern())));
        ObjectNode json = write(asSaid(document, now));
        document.basis().ifPresent(b -> json.set("judged_by", judgedBy(document, b, now)));
        return json;
    }

    /** What another version of the program said at the closing stands. */
    private static Assessment asSaid(CaseDocument document, Assessment now) {
        return document.basis()
                .filter(b -> !b.ofThisProgram())
                .flatMap(b -> document.closing().map(said -> said.over(now, b)))
                .orElse(now);
    }

    private static ObjectNode judgedBy(CaseDocument document, Basis pinned, Assessment now) {
        boolean earlier = !pinned.ofThisProgram();
        boolean stands = earlier && document.closing().isPresent();
        Basis by = stands ? pinned : Basis.with(pinned.own());
        ObjectNode json = BasisFormat.versions(by).put("earlier", stands);
        if (earlier && !stands) {
            json.set("moved_from", BasisFormat.versions(pinned));
        }
        document.closing().ifPresent(said -> {
            json.put("now_says", now.findings().headline());
            json.put("agrees", AsSaid.of(now).equals(said));
        });
        return json;
    }

    private static ObjectNode write(Assessment assessment) {
        Findings findings = assessment.findings();
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("format", "dantro-diagnosis").put("version", 1);
        json.put("circuit", findings.evidence().circuit().id());
        json.put("headline", findings.headline());
        assessment.verdict().ifPresent(v -> json.put("healthy_probability", rounded(v.healthy())));
        ArrayNode parts = json.putArray("parts");
        findings.parts().forEach(p -> parts.add(part(p)));
        ArrayNode doubts = json.putArray("doubts");
        findings.doubts().forEach(d -> doubts.add(doubt(d)));
        ArrayNode contradictions = json.putArray("contradictions");
        findings.contradictions().forEach(contradictions::add);
        json.set("next", step(assessment.next()));
        ArrayNode standby = json.putArray("standby");
        assessment.standby().forEach(p -> standby.add(probe(p)));
        ObjectNode whatIf = json.putObject("what_if");
        assessment.verdict().flatMap(Verdict::likeliest).ifPresent(w -> write(w, whatIf));
        return json;
    }

    private static ObjectNode part(PartFinding finding) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("part", finding.part().value()).put("name", finding.name());
        json.put("standing", finding.standing().name().toLowerCase(Locale.ROOT)).put("says", finding.says());
        ArrayNode readings = json.putArray("readings");
        finding.readings().forEach(r -> readings.add(r.toString()));
        ArrayNode missing = json.putArray("missing");
        finding.missing().forEach(m -> missing.add(m.words()));
        finding.suspicion().ifPresent(s -> write(s, json));
        return json;
    }

    private static void write(Suspicion suspicion, ObjectNode json) {
        json.put("probability", rounded(suspicion.probability())).put("probability_words", suspicion.words());
        suspicion
                .resistance()
                .get()
                .ifPresent(r -> json.putObject("ohms")
                        .put("low", r.lowOhms())
                        .put("median", r.medianOhms())
                        .put("high", r.highOhms()));
        ArrayNode influences = json.putArray("influences");
        suspicion
                .influences()
                .get()
                .forEach(i -> influences
                        .addObject()
                        .put("reading", i.reading().toString())
                        .put("probability_without", rounded(i.without())));
    }

    private static ObjectNode doubt(Doubt doubt) {
        return JsonFields.MAPPER
                .createObjectNode()
                .put("reading", doubt.reading().toString())
                .put("probability", rounded(doubt.probability()))
                .put("residual_sigmas", Math.rint(doubt.residualSigmas() * 10) / 10)
                .put("says", doubt.sentence());
    }

    private static ObjectNode step(Step step) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("kind", step.kind().name().toLowerCase(Locale.ROOT));
        json.put("title", step.title()).put("why", step.why());
        step.part().map(PartId::value).ifPresent(p -> json.put("part", p));
        step.probe().ifPresent(p -> json.set("probe", probe(p)));
        ArrayNode cautions = json.putArray("cautions");
        step.cautions().forEach(cautions::add);
        ArrayNode toSee = json.putArray("to_see");
        step.toSee().forEach(look -> toSee.add(look.words()));
        step.ending().ifPresent(e -> json.set("ending", ending(e)));
        return json;
    }

    private static ObjectNode ending(Ending ending) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        ending.as().ifPresent(as -> json.put("as", as.name().toLowerCase(Locale.ROOT)));
        ArrayNode shown = json.putArray("shown");
        ending.shown().forEach(r -> shown.add(r.words()));
        ArrayNode open = json.putArray("not_shown");
        ending.open().forEach(r -> open.add(r.words()));
        return json.put("customer", ending.customer().words())
                .put("safe_to_drive", ending.safe().words());
    }

    private static ObjectNode probe(ProbePlan plan) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("red", plan.red().value()).put("black", plan.black().value());
        json.put("condition", plan.condition().key());
        json.put("title", plan.title()).put("why", plan.why());
        ArrayNode outcomes = json.putArray("outcomes");
        plan.outcomes().forEach(o -> outcomes.addObject().put("when", o.when()).put("means", o.means()));
        return json;
    }

    private static void write(WhatIf whatIf, ObjectNode json) {
        json.put("part", whatIf.part().value());
        ArrayNode lines = json.putArray("figures");
        whatIf.lines()
                .forEach(l -> lines.addObject()
                        .put("figure", l.kind().name().toLowerCase(Locale.ROOT))
                        .put("unit", l.unit())
                        .put("now", significant(l.now()))
                        .put("after", significant(l.after())));
    }

    private static double rounded(double probability) {
        return Math.rint(probability * 1e6) / 1e6;
    }

    private static double significant(double value) {
        return Math.rint(value * 1e4) / 1e4;
    }
}
