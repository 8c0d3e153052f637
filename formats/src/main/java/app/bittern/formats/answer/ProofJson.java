package app.bittern.formats.answer;

import app.bittern.plan.Plan;
import app.bittern.proof.Proof;
import java.io.StringWriter;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// The test calls of a plan as JSON, and as the XML that JUnit writes, which build servers read.
public final class ProofJson {
    private ProofJson() {}

    /// `[{"key", "name", "passed", "failures": […], "ending"?, "second"?}]`.
    public static ArrayNode of(List<Proof> proofs) {
        ArrayNode json = JsonNodeFactory.instance.arrayNode();
        for (Proof proof : proofs) {
            ObjectNode one = json.addObject();
            one.put("key", proof.call().key());
            one.put("name", proof.call().title());
            one.put("passed", proof.passed());
            ArrayNode failures = one.putArray("failures");
            proof.failures().forEach(failures::add);
            proof.trace().ifPresent(trace -> {
                one.set("ending", PathsJson.ending(trace.ending()));
                one.put("second", trace.second());
            });
        }
        return json;
    }

    /// A test suite with a test case for each call.
    public static String junit(Plan plan, List<Proof> proofs) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("testsuite");
            xml.writeAttribute("name", plan.site().title());
            xml.writeAttribute("tests", String.valueOf(proofs.size()));
            xml.writeAttribute(
                    "failures",
                    String.valueOf(
                            proofs.stream().filter(proof -> !proof.passed()).count()));
            xml.writeAttribute("errors", "0");
            xml.writeAttribute("skipped", "0");
            for (Proof proof : proofs) {
                xml.writeStartElement("testcase");
                xml.writeAttribute("classname", plan.site().key());
                xml.writeAttribute("name", proof.call().title());
                for (String failure : proof.failures()) {
                    xml.writeStartElement("failure");
                    xml.writeAttribute("message", failure);
                    xml.writeEndElement();
                }
                xml.writeEndElement();
            }
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("XML in memory can always be written", impossible);
        }
        return text + "\n";
    }
}
