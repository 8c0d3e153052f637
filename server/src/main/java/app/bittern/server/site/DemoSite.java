package app.bittern.server.site;

import app.bittern.plan.Plan;
import app.bittern.server.plan.Plans;
import app.bittern.server.plan.Sites;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/// Loads the demo site where it is asked for and there is none yet; what is live there is release 1.
@Component
class DemoSite implements ApplicationRunner {
    private static final String BY = "demo";

    private final Plans plans;
    private final Sites sites;
    private final Clock clock;
    private final boolean wanted;

    DemoSite(Plans plans, Sites sites, Clock clock, @Value("${bittern.demo}") boolean wanted) {
        this.clock = clock;
        this.plans = plans;
        this.sites = sites;
        this.wanted = wanted;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (wanted && sites.all().isEmpty()) {
            Plan plan =
                    Samples.of(new SiteApi.NewSite("saltreach", null, null, null, null, null), LocalDate.now(clock));
            sites.create(plan, BY, plan.site().title() + " made from the sample saltreach");
            sites.cutOver(plans.asked(plan.site().key(), "draft"), BY);
        }
    }
}
