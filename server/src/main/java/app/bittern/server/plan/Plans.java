package app.bittern.server.plan;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/// The one way in to the plans of a site: its draft, what is live, and every release.
@Service
public class Plans {
    /// Releases held as plans; those of a site of 5,000 extensions take about 20 MB each.
    private static final int HELD = 16;

    private final Drafts drafts;
    private final SiteRows sites;
    private final Stamps stamps;
    private final ReleaseRows releases;
    private final Cache<Held, Asked> held =
            Caffeine.newBuilder().maximumSize(HELD).build();

    /// A release of a site; one made anew under the same key has others.
    private record Held(int made, int number) {}

    Plans(Drafts drafts, SiteRows sites, Stamps stamps, ReleaseRows releases) {
        this.drafts = drafts;
        this.sites = sites;
        this.stamps = stamps;
        this.releases = releases;
    }

    /// The plan of that name.
    ///
    /// @param which `draft`, `live` or the number of a release
    /// @throws Refusal where there is none
    public Asked asked(String site, String which) {
        return switch (which) {
            case "draft" -> Asked.of(drafts.draft(site));
            case "live" -> release(site, live(site));
            default -> {
                if (!which.matches("[1-9][0-9]{0,8}")) {
                    throw Refusal.missing("There is no plan '" + Problem.shown(which)
                            + "' of a site; allowed is draft, live or the number of a release.");
                }
                yield release(site, Integer.parseInt(which));
            }
        };
    }

    /// The same, empty where there is none.
    public Optional<Asked> find(String site, String which) {
        try {
            return Optional.of(asked(site, which));
        } catch (Refusal refused) {
            if (refused.status() != HttpStatus.NOT_FOUND) {
                throw refused;
            }
            return Optional.empty();
        }
    }

    private int live(String site) {
        stamp(site);
        return sites.live(site)
                .orElseThrow(() -> Refusal.missing("Nothing is live at this site yet: no draft has been cut over."));
    }

    private Stamp stamp(String site) {
        return stamps.of(site).orElseThrow(() -> Drafts.noSite(site));
    }

    private Asked release(String site, int number) {
        int made = stamp(site).made();
        return held.get(
                new Held(made, number),
                one -> releases.findById(new ReleaseRow.Key(site, number))
                        .map(row -> read(row, releases.today(site, number).orElseGet(row::plan), made))
                        .orElseThrow(() -> Refusal.missing("There is no release " + number + " of this site.")));
    }

    private static Asked read(ReleaseRow row, String text, int made) {
        Release about = row.about();
        return new Asked(row.site(), made, about.version(), OptionalInt.of(about.number()), plan(row, text));
    }

    /// The plan of a release, by the reader of its format.
    private static Plan plan(ReleaseRow row, String text) {
        if (row.format() != PlanFile.VERSION) {
            throw Refusal.unusable("Release " + row.about().number() + " is of format " + row.format()
                    + ", which is not read any more; its file can be taken out.");
        }
        return switch (PlanFile.read(text)) {
            case PlanFile.Result.Read(Plan plan) -> plan;
            case PlanFile.Result.Refused(List<Problem> problems) ->
                throw new IllegalStateException("the database holds what is no plan: " + problems);
        };
    }
}
