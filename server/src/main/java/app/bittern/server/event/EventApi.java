package app.bittern.server.event;

import java.util.List;

/// What is sent to open screens; each is an event of the name of its record in lower case, about the site that it
/// names.
public final class EventApi {
    private EventApi() {}

    /// The first about a site: what is not of this version has been missed.
    ///
    /// @param session the browser that is told, as its own edits name it
    public record Hello(String site, long version, String session) {}

    /// A draft has been changed.
    ///
    /// @param account who changed it
    /// @param session in which browser; the same as the receiver's where it was its own
    /// @param objects which objects, by their references
    public record Edited(
            String site, long version, String account, String session, String says, List<String> objects) {}

    /// How far the search for findings of a plan is.
    ///
    /// @param draft whether it is the draft, and no release
    /// @param done checks made, `of` all; the findings can be asked for when they are the same
    public record Examining(String site, boolean draft, long version, int done, int of) {}

    /// What callers notice of an edit has been found.
    public record Told(String site, long version) {}

    /// Who has a screen of the site open, each once.
    public record People(String site, List<String> accounts) {}

    /// A site was made, cut over or removed, or whoever is told may do something else there than before.
    public record Sites(String site) {}
}
