package app.bittern.plan;

/// What a place in an object is for.
public enum Role {
    /// A call goes on to what stands there.
    LEADS_TO("leads to"),
    /// What stands there is rung, or spoken through; the call stays where it is.
    RINGS("rings"),
    /// Asked for what is known.
    ASKS("asks"),
    /// Said to a caller or an agent.
    SAYS("says"),
    /// Heard while somebody waits.
    PLAYS("plays"),
    /// Told when something happens.
    TELLS("tells"),
    /// Its state, position or digits decide.
    DECIDES_BY("decides by"),
    /// What the object is a part of, or goes over.
    BELONGS_TO("belongs to"),
    /// What happens there sets the object off.
    LISTENS_TO("listens to"),
    /// What the object comes before, where both would do.
    STANDS_BEFORE("stands before"),
    /// What the object changes.
    WORKS_ON("works on"),
    /// What the object tells of: expected calls, test calls, notes.
    ABOUT("is about");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    /// As a sentence says it: `leads to`.
    public String words() {
        return words;
    }
}
