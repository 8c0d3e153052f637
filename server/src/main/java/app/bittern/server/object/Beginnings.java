package app.bittern.server.object;

import app.bittern.plan.Kind;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What a new object begins with that is nothing without it, so that a name is enough to make one.
final class Beginnings {
    private Beginnings() {}

    /// Hours are open in the working week and closed else, a switch stands in the first of two positions, a
    /// promise says what every plan should keep; other objects begin with nothing.
    static void put(Kind kind, ObjectNode body) {
        if (kind == Kind.PROMISE) {
            body.putObject("never").putArray("ends").add("lost").add("unmatched");
        } else if (kind == Kind.SWITCH) {
            body.putArray("positions").add("day").add("night");
            body.put("now", "day");
        } else if (kind == Kind.HOURS) {
            ArrayNode states = body.putArray("states");
            states.addObject().put("state", "open").putArray("weekly").add("Mon-Fri 08:30-17:15");
            states.addObject().put("state", "closed");
        }
    }
}
