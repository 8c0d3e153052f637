package app.bittern.formats.answer;

import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.promise.Kept;
import app.bittern.proof.Proof;
import java.io.StringWriter;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// The test calls and the promises of a plan as JSON, and as the XML that JUnit writes, which build servers read.
public final class ProofJson {
    private ProofJson() {}

    /// `[{"kind": "test-call", "key", "name", "passed", "failures": […], "ending"?, "second"?}, {"kind":
    /// "promise", "key", "name", "passed", "failures": […], "breaches": [{"calls", "says", "when", "bench"?}],
    /// "limit"?}]`.
    public static ArrayNode of(Plan plan, List<Proof> proofs, List<Kept> promises) {
        ArrayNode json = JsonNodeFactory.instance.arrayNode();
        for (Proof proof : proofs) {
            ObjectNode one = one(json, proof.call(), proof.passed(), proof.failures());
            proof.trace().ifPresent(trace -> {
                one.set("ending", PathsJson.ending(trace.ending()));
                one.put("second", trace.second());
            });
        }
        for (Kept kept : promises) {
            ObjectNode one = one(json, kept.promise(), kept.kept(), kept.against(plan));
            ArrayNode breaches = one.putArray("breaches");
            kept.breaches().forEach(breach -> {
                ObjectNode by = breaches.addObject();
                by.put("calls", breach.calls().toString());
                by.put("says", breach.says());
                by.put("when", breach.when());
                breach.witness().ifPresent(bench -> by.set("bench", FindingsJson.bench(plan, bench)));
            });
            kept.limit().ifPresent(limit -> one.put("limit", limit));
        }
        return json;
    }

    private static ObjectNode one(ArrayNode json, PlanObject object, boolean passed, List<String> failures) {
        ObjectNode one = json.addObject();
        one.put("kind", object.ref().kind().word());
        one.put("key", object.ref().key());
        one.put("name", object.title());
        one.put("passed", passed);
        ArrayNode all = one.putArray("failures");
        failures.forEach(all::add);
        return one;
    }

    /// A test suite with a test case for each call and each promise.
    public static String junit(Plan plan, List<Proof> proofs, List<Kept> promises) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("testsuite");
            xml.writeAttribute("name", plan.site().title());
            xml.writeAttribute("tests", String.valueOf(proofs.size() + promises.size()));
            xml.writeAttribute(
                    "failures",
                    String.valueOf(proofs.stream()
                                    .filter(proof -> !proof.passed())
                                    .count()
                            + promises.stream().filter(kept -> !kept.kept()).count()));
            xml.writeAttribute("errors", "0");
            xml.writeAttribute("skipped", "0");
            for (Proof proof : proofs) {
                testCase(xml, plan, proof.call().title(), proof.failures());
            }
            for (Kept kept : promises) {
                testCase(xml, plan, kept.promise().title(), kept.against(plan));
            }
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("XML in memory can always be written", impossible);
        }
        return text + "\n";
    }

    private static void testCase(XMLStreamWriter xml, Plan plan, String name, List<String> failures)
            throws XMLStreamException {
        xml.writeStartElement("testcase");
        xml.writeAttribute("classname", plan.site().key());
        xml.writeAttribute("name", name);
        for (String failure : failures) {
            xml.writeStartElement("failure");
            xml.writeAttribute("message", failure);
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }
}
