package app.bittern.server.site;

import app.bittern.server.difference.DifferenceApi;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// What the endpoints of sites take and give.
public final class SiteApi {
    private SiteApi() {}

    /// A site in the list of sites.
    ///
    /// @param live the release that answers calls
    public record SiteName(String key, String name, long version, Optional<Integer> live) {}

    /// A site that is made without a file: empty, or from a sample.
    ///
    /// @param sample the key of a sample; with nothing else its key and name are the sample's own
    /// @param key    needed where there is no sample, as are `timeZone`, `country` and `language`
    public record NewSite(
            @Nullable String sample,
            @Nullable String key,
            @Nullable String name,
            @Nullable String timeZone,
            @Nullable String country,
            @Nullable String language) {}

    public record Sample(String key, String name, String about) {}

    /// A plan of a site, without its objects.
    ///
    /// @param release which release it is; absent for the draft
    /// @param version the number of the draft's last edit
    /// @param live    the release that answers calls
    /// @param changes edits of the draft that stand since then
    /// @param undo    what taking back the last edit of this browser would take back
    /// @param redo    what making it again would make again
    /// @param now     the site's clock now, `2026-11-23T10:15`
    /// @param number  the first inbound number, where there is one
    /// @param rights  what who asks may do: look, change, cut-over, manage
    public record SiteView(
            String key,
            String name,
            String country,
            String timeZone,
            List<String> languages,
            Optional<Integer> release,
            long version,
            Optional<ReleaseView> live,
            long changes,
            Optional<String> undo,
            Optional<String> redo,
            String now,
            int ringSeconds,
            Optional<String> number,
            List<Section> sections,
            List<String> rights) {}

    /// A kind of object and how many of it there are.
    ///
    /// @param title of one, `several` of more
    public record Section(String kind, String title, String several, int count) {}

    /// @param at     the site's clock, `2026-11-23T10:15`
    /// @param digest SHA-256 of its plan file, in hexadecimal
    public record ReleaseView(int number, long version, String account, String at, String digest) {}

    /// @param version the version that the one who cuts over has looked at
    public record CutOver(long version) {}

    /// An edit in the journal.
    ///
    /// @param at     the site's clock, `2026-11-23T10:15`
    /// @param kind   edit, undo or redo
    /// @param undone whether it has been taken back
    /// @param noticed what callers notice of it, once that has been found
    public record JournalView(
            long version,
            String account,
            String at,
            String kind,
            String says,
            boolean undone,
            Optional<DifferenceApi.Noticed> noticed) {}

    /// Something that was done to a whole site.
    ///
    /// @param at   UTC
    /// @param kind create, import, remove or cut-over
    public record SiteEventView(String site, String account, String at, String kind, String says) {}

    /// What taking a file into a site does, or would do.
    ///
    /// @param version of the draft afterwards
    public record Imported(long version, int added, int changed, int removed, DifferenceApi.Noticed noticed) {}
}
