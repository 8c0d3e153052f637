package app.bittern.formats;

/// What stands behind a name in a map of a plan file.
///
/// @param key   where the name stands
/// @param where the place in the plan: `ringGroups/reception`
record NamedNode(Node node, Node.Place key, String where, Problems problems, Declared declared) {
    /// Its fields, where it is a map.
    Reading fields() {
        return Reading.of(node, where, problems).declared(declared);
    }

    /// Reports the name itself.
    void keyRefused(String name, String allowed) {
        problems.add(key, where, "'" + name + "'", allowed);
    }
}
