package app.bittern.plan;

/// Something in a file that cannot be used.
///
/// @param line    from 1; 0 where there is no file
/// @param column  from 1; 0 where there is no file
/// @param where   the place in the plan: `ringGroups/reception/ringFor`
/// @param found   what was found
/// @param allowed what is allowed
public record Problem(int line, int column, String where, String found, String allowed) {
    /// One sentence for people, without the line.
    public String says() {
        return (where.isEmpty() ? "" : where + ": ") + "found " + found + "; allowed is " + allowed + ".";
    }

    @Override
    public String toString() {
        return line == 0 ? says() : "line " + line + ", column " + column + ": " + says();
    }
}
