package app.bittern.server.site;

import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Site;
import app.bittern.server.account.Right;
import app.bittern.server.account.Who;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.JournalRow;
import app.bittern.server.plan.JournalRows;
import app.bittern.server.plan.Release;
import app.bittern.server.plan.Sites;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/// What a plan is as a whole.
@Component
public class SiteViews {
    private final Sites sites;
    private final JournalRows journal;
    private final Clock clock;

    SiteViews(Sites sites, JournalRows journal, Clock clock) {
        this.sites = sites;
        this.journal = journal;
        this.clock = clock;
    }

    /// @param who asks: its own edits are those it can take back
    public SiteApi.SiteView of(Asked asked, Who who) {
        Plan plan = asked.plan();
        Site its = plan.site();
        String site = asked.site();
        String session = who.session();
        boolean draft = asked.release().isEmpty();
        Optional<Release> live = sites.live(site);
        return new SiteApi.SiteView(
                site,
                its.title(),
                its.country(),
                its.timeZone().toString(),
                its.languages(),
                draft ? Optional.empty() : Optional.of(asked.release().getAsInt()),
                asked.version(),
                live.map(release -> release(release, its.timeZone())),
                journal.standing(site, live.map(Release::version).orElse(0L)),
                draft ? journal.lastDone(site, session).map(JournalRow::says) : Optional.empty(),
                draft ? journal.lastUndone(site, session).map(JournalRow::says) : Optional.empty(),
                local(clock.instant(), its.timeZone()),
                its.ringSeconds(),
                plan.all(InboundNumber.class)
                        .findFirst()
                        .map(number -> number.called().text()),
                sections(plan.counts()),
                who.rights().of(site).stream().map(Right::word).toList());
    }

    private static List<SiteApi.Section> sections(Map<Kind, Integer> counts) {
        return Arrays.stream(Kind.values())
                .map(kind ->
                        new SiteApi.Section(kind.word(), kind.title(), kind.several(), counts.getOrDefault(kind, 0)))
                .toList();
    }

    static SiteApi.ReleaseView release(Release release, ZoneId zone) {
        return new SiteApi.ReleaseView(
                release.number(), release.version(), release.account(), local(release.at(), zone), release.digest());
    }

    /// An instant by the site's clock.
    static String local(Instant at, ZoneId zone) {
        return LocalDateTime.ofInstant(at, zone).truncatedTo(ChronoUnit.MINUTES).toString();
    }
}
